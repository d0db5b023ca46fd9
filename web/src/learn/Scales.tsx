import type { Method, MethodField } from '../api/types';
import { Tile } from '../measure/drawings/Scene';

/** Every judged scale of a method, step by step, with its drawing and its sentence. */
export function Scales({ method }: { method: Method }) {
  const scales = judged(method.fields);
  if (scales.length === 0) return null;
  return (
    <section>
      <h2>What is judged</h2>
      {scales.map((scale) => (
        <div key={scale.key} className="mt-3 border-t border-rule pt-2">
          <h3>{scale.label}</h3>
          <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-x-5 gap-y-2">
            {scale.options.map((option) => (
              <li key={option.word} className="grid grid-cols-[auto_1fr] items-center gap-3">
                <Tile method={method.id} field={scale.key} word={option.word} />
                <span className="leading-tight">
                  <span className="font-semibold">{option.label}</span>
                  <span className="block text-sm text-faded">{option.sentence}</span>
                </span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

function judged(fields: MethodField[]): MethodField[] {
  return fields.flatMap((field) => [
    ...(field.part === 'drawn' || (field.part === 'shares' && field.options.length > 0) ? [field] : []),
    ...judged(field.fields),
  ]);
}
