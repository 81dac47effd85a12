"use client";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { LIMITS } from "@/core/limits";
import type { DoorAnswer } from "@/server/answers";
import { momentWords } from "@/words/times";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";
import { Sheet } from "../parts/Sheet";
import { QrCode } from "./QrCode";

interface DoorProps {
  readonly door: DoorAnswer;
  /** Where this page is served, such as 4516. */
  readonly port: string;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** Letters and digits that are not mistaken for each other. */
const SIGNS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
const newCode = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(10)), (byte) => SIGNS[byte % SIGNS.length]).join("");
const spaced = (code: string): string => `${code.slice(0, 5)} ${code.slice(5)}`;

/** Who may come in: the password, a code for a phone, and everybody and every device that is in. */
export function Door({ door, port, timeZone, nowMs }: DoorProps) {
  return (
    <section aria-label="Who may come in" className="max-w-xl">
      <h2>Who may come in</h2>
      <p className="mt-1">
        {door.locked
          ? "The house is locked: a device comes in with the password or with a code, once, and stays until it is" +
            " sent away."
          : "The door is open, and the house answers on this machine only. Set a password, and a phone on the" +
            " kettle can come in too."}
      </p>
      <Password
        locked={door.locked}
        network={door.network}
        resets={door.devices.some(({ self, resets }) => self && resets)}
      />
      {door.locked && <Network network={door.network} />}
      {door.locked && <Pairing door={door} port={port} />}
      {door.devices.length > 0 && door.locked && (
        <>
          <h3 className="mt-5">Devices that are in</h3>
          <ul>
            {door.devices.map(({ id, name, personId, lastSeenMs, self }) => (
              <li key={id} className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-line">
                <span className="min-w-0 break-words py-2">
                  {name}
                  {personId && (
                    <span className="text-quiet">, {door.persons.find((person) => person.id === personId)?.name}</span>
                  )}{" "}
                  <span className="text-sm text-quiet">
                    {self ? "this one" : `wrote last ${momentWords(lastSeenMs, timeZone, nowMs)}`}
                  </span>
                </span>
                <Press path={`devices/${id}/away`} body={{ sentAway: true }}>
                  {self ? "leave with it" : "send it away"}
                </Press>
              </li>
            ))}
          </ul>
        </>
      )}
      <h3 className="mt-5">Persons</h3>
      {door.persons.length === 0 && <p className="text-quiet">Nobody yet. Keeping a head makes its person.</p>}
      <ul>
        {door.persons.map((person) => (
          <li key={person.id} className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-line">
            <span className="min-w-0 break-words py-2">{person.name}</span>
            <span className="flex flex-wrap gap-x-4">
              {door.devices.some((device) => device.personId === person.id && !device.self) && (
                <Press path={`persons/${person.id}/away`} body={{ sentAway: true }}>
                  send all devices away
                </Press>
              )}
              <Erase {...person} />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** One press that writes, and says when it did not work. */
function Press({ path, body, children }: { path: string; body: object; children: string }) {
  const router = useRouter();
  const { trouble, write } = useWrite();
  const press = async () => {
    if ((await write("PUT", path, body)).ok) router.refresh();
  };
  return (
    <span>
      <button type="button" className="pressable min-h-11" onClick={press}>
        {children}
      </button>{" "}
      <span role="status" className="text-stop">
        {trouble}
      </span>
    </span>
  );
}

/** @param resets this device came in by the code of `./run code`, and sets a password without the one there was */
function Password({ locked, network, resets }: { locked: boolean; network: boolean; resets: boolean }) {
  const router = useRouter();
  const [current, setCurrent] = useState("");
  const [password, setPassword] = useState("");
  const [said, setSaid] = useState<{ readonly text: string; readonly bad: boolean }>();
  const [open, setOpen] = useState(false);
  const [unlocking, setUnlocking] = useState(false);
  const { write } = useWrite();
  const short = password !== "" && password.length < LIMITS.passwordChars.min;
  const change = async (next: string | undefined) => {
    const answer = await write("PUT", "door/password", {
      ...(locked && !resets ? { current } : {}),
      ...(next === undefined ? {} : { password: next }),
    });
    if (!answer.ok) return setSaid({ text: answer.title, bad: true });
    setSaid({
      text: next === undefined ? "The door is open again." : "Kept. Every other device was sent away.",
      bad: false,
    });
    setCurrent("");
    setPassword("");
    setOpen(false);
    setUnlocking(false);
    router.refresh();
  };
  return (
    <>
      <Sheet
        title="Password"
        open={open}
        onOpenChange={setOpen}
        trigger={<Button className="mt-2">{locked ? "Change the password …" : "Set a password …"}</Button>}
      >
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void change(password);
          }}
        >
          {locked && resets && (
            <p>
              This device came in by the code of the machine itself: for an hour it may set a new password without the
              old one.
            </p>
          )}
          {locked && !resets && (
            <Field label="The password until now">
              {(a) => (
                <input
                  {...a}
                  type="password"
                  autoComplete="current-password"
                  value={current}
                  onChange={(e) => setCurrent(e.target.value)}
                />
              )}
            </Field>
          )}
          <Field
            label="The household’s password"
            problem={short ? `At least ${LIMITS.passwordChars.min} signs; a short sentence is good.` : undefined}
          >
            {(a) => (
              <input
                {...a}
                type="password"
                autoComplete="new-password"
                maxLength={LIMITS.passwordChars.max}
                value={password}
                onChange={(e) => setPassword(e.target.value)}
              />
            )}
          </Field>
          <p className="text-sm text-quiet">
            Write it down somewhere: nobody can look it up. Where it is forgotten, ./run code on this machine prints a
            code that lets one device in to set a new one. The house’s network has no encryption of its own here; use it
            on one you trust.
          </p>
          <Button look="main" type="submit" disabled={short || password === ""}>
            Lock the house
          </Button>
          {said?.bad && (
            <p role="alert" className="text-stop">
              {said.text}
            </p>
          )}
        </form>
      </Sheet>
      {locked && (
        <Sheet
          title="Unlock the house"
          open={unlocking}
          onOpenChange={setUnlocking}
          trigger={
            <Button look="text" className="mt-2 ml-3">
              unlock the house …
            </Button>
          }
        >
          <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              void change(undefined);
            }}
          >
            <p>The password goes, every other device is sent away, and the house answers on this machine only.</p>
            {network && <p>It answers on the network now: turn that off, stop ./run and start it again first.</p>}
            {!resets && (
              <Field label="The password until now">
                {(a) => (
                  <input
                    {...a}
                    type="password"
                    autoComplete="current-password"
                    value={current}
                    onChange={(e) => setCurrent(e.target.value)}
                  />
                )}
              </Field>
            )}
            <Button type="submit" disabled={current === "" && !resets}>
              Take the password away
            </Button>
            {said?.bad && (
              <p role="alert" className="text-stop">
                {said.text}
              </p>
            )}
          </form>
        </Sheet>
      )}
      <p aria-live="polite">{said && !said.bad && said.text}</p>
    </>
  );
}

function Network({ network }: { network: boolean }) {
  const router = useRouter();
  const { trouble, write } = useWrite();
  const set = async (on: boolean) => {
    await write("PUT", "settings", { network: on });
    router.refresh();
  };
  return (
    <div className="mt-3">
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="h-6 min-h-0 w-6"
          checked={network}
          onChange={(event) => void set(event.target.checked)}
        />{" "}
        Answer on the house’s network as well
      </label>
      <p className="text-sm text-quiet">From the next start on: stop ./run with Ctrl-C and start it again.</p>
      <p role="status" className="text-stop">
        {trouble}
      </p>
    </div>
  );
}

function Pairing({ door, port }: { door: DoorAnswer; port: string }) {
  const ids = useRef({ id: "", code: "" });
  const [personId, setPersonId] = useState("");
  const [code, setCode] = useState("");
  const { trouble, write } = useWrite();
  const pair = async () => {
    if (!ids.current.id) ids.current = { id: uuid(), code: newCode() };
    const answer = await write("POST", "pairings", { ...ids.current, ...(personId ? { personId } : {}) });
    if (!answer.ok) return;
    setCode(ids.current.code);
    ids.current = { id: "", code: "" };
  };
  const address = `http://${door.addresses[0] ?? "127.0.0.1"}:${port}/enter?code=${code}`;
  return (
    <div className="mt-4">
      <h3>Let a phone in</h3>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <Field label="Whose is it?">
          {(a) => (
            <select {...a} value={personId} onChange={(e) => setPersonId(e.target.value)}>
              <option value="">everybody’s</option>
              {door.persons.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Button onClick={pair}>{code ? "Make another code" : "Make a code"}</Button>
      </div>
      <p role="status" className="text-stop">
        {trouble}
      </p>
      {code && (
        <div className="mt-3 flex flex-wrap items-center gap-5">
          <QrCode text={address} label="The address and the code, for a camera" />
          <div>
            <p className="font-say text-figure font-semibold">{spaced(code)}</p>
            <p className="text-quiet">good for one device, for ten minutes</p>
            <p className="mt-1 break-all">{address}</p>
            {!door.network && (
              <p className="mt-1 max-w-xs text-sm">A phone reaches it once the house answers on the network.</p>
            )}
          </div>
        </div>
      )}
    </div>
  );
}

/** Erasing cannot be taken back, so it is said first what goes and what stays. */
function Erase({ id, name }: { id: string; name: string }) {
  return (
    <Sheet
      title={`Erase ${name}`}
      trigger={
        <button type="button" className="pressable min-h-11">
          erase …
        </button>
      }
    >
      <div className="flex flex-col gap-3">
        <p>
          <strong>{name}</strong> goes from this book for good: the name, what is about health, what was noted by or
          about {name}, and {name}’s devices.
        </p>
        <p>
          Amounts, lengths, times and marks stay, under “somebody”. Names of blends stay as they are written; change
          them if they say the name. Older backups still have everything.
        </p>
        <Press path={`persons/${id}/erased`} body={{ erased: true }}>{`erase ${name} for good`}</Press>
      </div>
    </Sheet>
  );
}
