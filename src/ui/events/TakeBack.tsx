interface TakeBackProps {
  readonly eventId: string;
  readonly onHappen: (payload: { readonly kind: "withdrawn"; readonly eventId: string }) => void;
}
/** Takes one event back, where it stands. */
export const TakeBack = ({ eventId, onHappen }: TakeBackProps) => (
  <button type="button" className="pressable min-h-11" onClick={() => onHappen({ kind: "withdrawn", eventId })}>
    take it back
  </button>
);
