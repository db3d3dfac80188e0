import { NavLink } from 'react-router';

/** The left column of a shelf: its things, and adding one. */
export function ShelfList({
  title,
  items,
  action,
  onAdd,
}: {
  title: string;
  items: { id: string; to: string; name: string; more: string }[];
  action: string;
  onAdd: () => void;
}) {
  return (
    <nav
      aria-label={title}
      className="flex w-60 shrink-0 flex-col border-r border-ink max-[700px]:max-h-[36vh] max-[700px]:w-full max-[700px]:border-r-0 max-[700px]:border-b"
    >
      <h1 className="px-5 pt-4 pb-2 text-xl">{title}</h1>
      <ul className="min-h-0 flex-1 overflow-auto">
        {items.map((item) => (
          <li key={item.id}>
            <NavLink
              to={item.to}
              className={({ isActive }) =>
                `block border-b px-5 py-2 ${isActive ? 'border-l-4 border-l-ink bg-bench pl-4' : 'hover:bg-bench'}`
              }
            >
              <span className="head block truncate text-base">{item.name}</span>
              <span className="block truncate text-xs text-muted">{item.more}</span>
            </NavLink>
          </li>
        ))}
      </ul>
      <div className="p-4">
        <button type="button" className="btn w-full text-center" onClick={onAdd}>
          {action}
        </button>
      </div>
    </nav>
  );
}
