import { Menu } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { SHELVES } from './shelves.ts';

export function ShelvesMenu() {
  const navigate = useNavigate();
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="flex h-11 shrink-0 items-center gap-2.5 px-4 font-bold hover:bg-tint">
        <Menu size={20} aria-hidden="true" /> Shelves
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" className="z-50 min-w-48 border-[1.5px] border-ink bg-paper py-1 shadow-lg">
          {SHELVES.map((shelf) => (
            <DropdownMenu.Item
              key={shelf.to}
              onSelect={() => navigate(shelf.to)}
              className="flex cursor-pointer justify-between px-4 py-2 text-base outline-none data-[highlighted]:bg-tint"
            >
              {shelf.label}
              <kbd className="text-xs text-muted">G {shelf.key.toUpperCase()}</kbd>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
