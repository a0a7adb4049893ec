import { NavLink } from 'react-router';
import { useRibbon } from '../api/queries';

type Station = { name: string; to?: string; count?: number };

/** The seven stations in work order, each with what waits there; those that do not work yet are dotted and no links. */
export function Spine() {
  const ribbon = useRibbon();
  const stations: Station[] = [
    { name: 'On hand', to: '/onhand', count: ribbon.data?.onHand },
    { name: 'Stretch', to: '/stretch' },
    { name: 'Plan', to: '/plan' },
    { name: 'Shop', to: '/shop' },
    { name: 'Cook', to: '/cook' },
    { name: 'Pack', to: '/pack', count: ribbon.data?.toPack },
    { name: 'Eat' },
  ];
  return (
    <nav className="spine" aria-label="Stations">
      <NavLink to="/onhand" className="spine-name display text-2xl">
        Wexilla
      </NavLink>
      <ol>
        {stations.map((station) => (
          <li key={station.name}>
            <Stop {...station} />
          </li>
        ))}
      </ol>
      <div className="mt-0 flex flex-row md:mt-auto md:flex-col">
        <NavLink to="/recipes" className="stop">
          Recipes
        </NavLink>
        <NavLink to="/history" className="stop">
          History
        </NavLink>
        <NavLink to="/household" className="stop">
          Household
        </NavLink>
      </div>
      <p className="spine-keys quiet mt-2 text-sm">? keys</p>
    </nav>
  );
}

function Stop({ name, to, count }: Station) {
  if (!to) {
    return (
      <span className="stop stop-later quiet" title={`${name} is not built yet`}>
        <span className="stop-dot" aria-hidden="true" />
        {name}
        <span className="sr-only">, not built yet</span>
      </span>
    );
  }
  return (
    <NavLink to={to} className="stop">
      <span className="stop-dot">{count ? count : ''}</span>
      {name}
    </NavLink>
  );
}
