export interface TryLine {
  readonly when: string;
  readonly device: string;
  readonly address: string;
  readonly outcome: string;
  /** Who it was, where several teach here and it is known. */
  readonly whose: string | undefined;
}

/** Who tried to come in, without a word of what was typed. */
export function Tries({ tries }: { readonly tries: readonly TryLine[] }) {
  if (tries.length === 0) return null;
  return (
    <section aria-labelledby="tries" className="mt-9">
      <h2 id="tries">Who tried to come in</h2>
      <table className="mt-1 w-full max-w-3xl">
        <thead>
          <tr className="caption text-left">
            {['when', 'from', 'with', 'outcome'].map((name) => (
              <th key={name} scope="col" className="pr-3 font-medium">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {tries.map(({ when, address, device, outcome, whose }, index) => (
            <tr key={index} className="border-t border-hairline">
              <td className="py-1 pr-3">{when}</td>
              <td className="figures py-1 pr-3">{address}</td>
              <td className="py-1 pr-3">{device}</td>
              <td
                className={`py-1 ${outcome === 'came in' || outcome === 'chooses a passphrase' ? '' : 'should'}`}
              >
                {outcome}
                {whose !== undefined && `, ${whose}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
