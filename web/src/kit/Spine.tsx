import { useEffect, useState } from 'react';
import { NavLink, useLocation } from 'react-router';
import { useRibbon } from '../api/queries';

type Station = { name: string; to: string; count?: number };

/** On a phone four doors come first; the rest stands behind one more. */
const doors = [
  { name: 'Tonight', to: '/' },
  { name: 'Freezer', to: '/onhand' },
  { name: 'List', to: '/shop' },
  { name: 'Cook', to: '/cook' },
];

/** The seven stations in work order, each with what waits there. */
export function Spine() {
  const ribbon = useRibbon();
  const [more, setMore] = useState(false);
  const { pathname } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: it closes when one has gone somewhere
  useEffect(() => setMore(false), [pathname]);
  const stations: Station[] = [
    { name: 'On hand', to: '/onhand', count: ribbon.data?.onHand },
    { name: 'Stretch', to: '/stretch' },
    { name: 'Plan', to: '/plan' },
    { name: 'Shop', to: '/shop' },
    { name: 'Cook', to: '/cook' },
    { name: 'Pack', to: '/pack', count: ribbon.data?.toPack },
    { name: 'Eat', to: '/eat' },
  ];
  return (
    <nav className="spine" aria-label="Stations">
      <NavLink to="/" className="spine-name display text-2xl">
        Wexilla
      </NavLink>
      <ul className="doors">
        {doors.map((door) => (
          <li key={door.name}>
            <NavLink to={door.to} className="stop door">
              {door.name}
            </NavLink>
          </li>
        ))}
        <li>
          <button type="button" className="stop door" aria-expanded={more} onClick={() => setMore(!more)}>
            More
          </button>
        </li>
      </ul>
      <div className="spine-rest" data-open={more}>
        <ol>
          {stations.map((station) => (
            <li key={station.name} className={doors.some((door) => door.to === station.to) ? 'max-md:hidden' : ''}>
              <Stop {...station} />
            </li>
          ))}
        </ol>
        <div className="spine-books">
          <NavLink to="/recipes" className="stop">
            Recipes
          </NavLink>
          <NavLink to="/costs" className="stop">
            Costs
          </NavLink>
          <NavLink to="/history" className="stop">
            History
          </NavLink>
          <NavLink to="/household" className="stop">
            Household
          </NavLink>
        </div>
      </div>
      <p className="spine-keys quiet mt-2 text-sm">? keys</p>
    </nav>
  );
}

function Stop({ name, to, count }: Station) {
  return (
    <NavLink to={to} className="stop">
      <span className="stop-dot">{count ? count : ''}</span>
      {name}
    </NavLink>
  );
}
