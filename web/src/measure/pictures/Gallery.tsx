import { nameOf } from '../../api/methodNames';
import type { LandField, Method, WholeVisit } from '../../api/types';
import { useMethods } from '../../api/useMethods';
import { inSentence } from '../../ground/format';
import { labelIn } from '../place';
import { Thumbnail } from './Pictures';
import { type Shown, usePictures } from './usePictures';

/** "spot 3, ground cover"; a picture of no spot is of the field. */
export function ofWhat(field: LandField, methods: Method[], one: Pick<Shown, 'spotId' | 'method'>): string {
  const where = one.spotId ? `spot ${labelIn(field, one.spotId)}` : 'the field';
  return one.method ? `${where}, ${inSentence(nameOf(methods, one.method))}` : where;
}

/** All photographs of a visit, each with where it was taken and of what. */
export function Gallery({ whole }: { whole: WholeVisit }) {
  const pictures = usePictures(whole);
  const methods = useMethods();
  if (pictures.length === 0) return null;
  return (
    <section className="mt-10 border-t border-rule pt-4" aria-labelledby="photographs">
      <h2 id="photographs">Photographs</h2>
      <ul className="mt-3 flex flex-wrap gap-4">
        {pictures.map((one) => (
          <li key={one.id}>
            <Thumbnail shown={one} label={ofWhat(whole.field, methods.data ?? [], one)} />
          </li>
        ))}
      </ul>
    </section>
  );
}
