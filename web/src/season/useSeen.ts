import { type RefObject, useEffect, useRef, useState } from 'react';

/** How far beside the window a thing is drawn already, so that scrolling does not outrun it. */
const AHEAD = '700px 0px';

/** Whether something has come into sight, or near it; once it has, it stays drawn. */
export function useSeen<T extends Element>(atOnce: boolean): [RefObject<T | null>, boolean] {
  const ref = useRef<T>(null);
  const [seen, setSeen] = useState(atOnce);
  useEffect(() => {
    if (seen || !ref.current) return;
    const watch = new IntersectionObserver(
      (entries) => entries.some((one) => one.isIntersecting) && setSeen(true),
      { rootMargin: AHEAD },
    );
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, [seen]);
  return [ref, seen];
}
