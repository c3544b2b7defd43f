import { NavLink } from 'react-router';
import css from './Rooms.module.css';

/** The screens within a stage, side by side above them. */
export function Rooms({ label, rooms }: { label: string; rooms: { to: string; name: string }[] }) {
  return (
    <nav className={css.rooms} aria-label={label}>
      {rooms.map((room) => (
        <NavLink key={room.to} to={room.to} end className={({ isActive }) => (isActive ? 'here' : '')}>
          {room.name}
        </NavLink>
      ))}
    </nav>
  );
}
