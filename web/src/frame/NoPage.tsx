import { Link, useLocation } from 'react-router';

/** An address that leads nowhere: said, with a way on. */
export function NoPage() {
  const { pathname } = useLocation();
  return (
    <section className="max-w-[34rem] py-10">
      <h1>There is no page here</h1>
      <p className="mt-3 text-lg">
        Nothing lies at <span className="num break-all">{pathname}</span>. Was the address cut short, or is it
        of another practice?
      </p>
      <Link to="/" className="button button-main mt-6">
        To the season
      </Link>
    </section>
  );
}
