import type { Schemas } from '../api/client';
import { differing } from './differing';

interface Props {
  left: string;
  right: string;
  pairs: Schemas['FieldPairView'][];
}

/** Two records field by field; what differs is marked by a sign at its side and within the text. */
export function SideBySide({ left, right, pairs }: Props) {
  const hasLeft = pairs.some((pair) => pair.left !== null);
  return (
    <div className="table-wrap" tabIndex={0} role="group" aria-label={hasLeft ? `${left} / ${right}` : right}>
      <table className="side-by-side">
        <thead>
          <tr>
            {hasLeft ? <th scope="col">{left}</th> : null}
            {hasLeft ? <th aria-hidden /> : null}
            <th scope="col">{right}</th>
          </tr>
        </thead>
        <tbody>
          {pairs.map((pair, index) => (
            <tr key={index} className={pair.isSame || !hasLeft ? '' : 'is-different'}>
              {hasLeft ? <Line text={pair.left} other={pair.right} sign="−" /> : null}
              {hasLeft ? <td className="sign">{pair.isSame ? '' : pair.left === null ? '+' : pair.right === null ? '−' : '≠'}</td> : null}
              <Line text={pair.right} other={hasLeft ? pair.left : pair.right} sign="+" />
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Line({ text, other, sign }: { text: string | null; other: string | null; sign: string }) {
  if (text === null) return <td className="is-absent" />;
  if (other === null) {
    return (
      <td>
        <mark data-sign={sign}>{text}</mark>
      </td>
    );
  }
  const [before, own, after] = differing(text, other);
  return (
    <td>
      {before}
      {own === '' ? null : <mark>{own}</mark>}
      {after}
    </td>
  );
}
