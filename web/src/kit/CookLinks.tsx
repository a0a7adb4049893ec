import { Link } from 'react-router';

/** To the counter with a dish of a meal: as it is, or with half of its meat and vegetables kept back plain. */
export function CookLinks({ recipe, factor, name }: { recipe: string; factor: string; name: string }) {
  const to = `/cook/${recipe}?factor=${encodeURIComponent(factor)}`;
  return (
    <p className="mb-3 flex flex-wrap items-center gap-2">
      <Link to={to} className="btn btn-outline">
        Cook {name || 'it'}
      </Link>
      <Link to={`${to}&half=1`} className="btn btn-ghost">
        and half for tomorrow
      </Link>
    </p>
  );
}
