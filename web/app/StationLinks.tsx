// The links to the stations. The one that is tapped is marked in the next paint, and its page follows when it is drawn: a slow phone answers the finger at once.
import { clsx } from 'clsx';
import { useState, type ReactNode } from 'react';
import { NavLink, useLocation } from 'react-router';

type Props = {
  stations: readonly { to: string; name: string }[];
  /** What stands on the link to the rest, where there is one. */ children?: ReactNode;
};

export function StationLinks({ stations, children }: Props) {
  const { pathname } = useLocation();
  const [going, setGoing] = useState<{ to: string; from: string }>();
  // It is over once the page has changed, by this link or by anything else.
  const to = going?.from === pathname ? going.to : undefined;
  const link = (where: string, says: ReactNode) => (
    <NavLink
      key={where}
      to={where}
      className={({ isActive }) => clsx((to === undefined ? isActive : to === where) && 'active')}
      onClick={({ ctrlKey, metaKey, shiftKey }) => !(ctrlKey || metaKey || shiftKey) && setGoing({ to: where, from: pathname })}
    >
      {says}
    </NavLink>
  );
  return (
    <>
      {stations.map(({ to: where, name }) => link(where, name))}
      {children !== undefined && link('/more', children)}
    </>
  );
}
