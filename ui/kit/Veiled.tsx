/** What stands where something private would be while somebody looks on. */
export function Veiled({ title }: { title: string }) {
  return (
    <div className="max-w-3xl">
      <h1>{title}</h1>
      <p className="reading my-4">
        Nothing private is shown now. Press <em>Veil</em> above once nobody looks on, and it is all here
        again.
      </p>
    </div>
  );
}
