/** A machine on which no household has been loaded yet. */
export function NoHouse() {
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-10 md:px-10">
      <h1 className="text-sentence">There is no household here yet.</h1>
      <p className="mt-2">
        Stop the server and type <code>./run demo</code> for the demo household, or <code>./run start</code> for an
        empty one.
      </p>
    </div>
  );
}
