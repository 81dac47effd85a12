import { QrCode } from "../house/QrCode";

/** The same page on another phone: whoever helps sees every press, and presses as well. */
export function SomebodyHelps({ address }: { address: string | undefined }) {
  return (
    <details className="border-t border-line pt-2">
      <summary className="pressable min-h-11 cursor-pointer content-center">somebody helps and holds the phone</summary>
      {address ? (
        <>
          <p>On theirs this is the same page, and what one presses the other sees: {address}</p>
          <QrCode text={address} label="The address of this page, for another phone" />
        </>
      ) : (
        <p>
          Phones do not reach this house yet. With a password it answers on the house’s network as well; on this device,
          hand it over.
        </p>
      )}
    </details>
  );
}
