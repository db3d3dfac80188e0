import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { LAYER_WORDS, LAYERS, type Layer } from '../../floor/layers.ts';
import { Sign } from '../../floor/Sign.tsx';

/** Which layers the floor shows. */
export function LayersMenu({
  layers,
  onLayers,
  sightHint,
}: {
  layers: readonly Layer[];
  onLayers: (layers: Layer[]) => void;
  sightHint: boolean;
}) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <button type="button" className="btn px-2" aria-label="Layers of the floor">
          <Sign of="layers" />
        </button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          side="top"
          collisionPadding={8}
          className="z-50 min-w-60 border-[1.5px] border-ink bg-paper py-1 shadow-lg"
        >
          {LAYERS.map((layer) => (
            <DropdownMenu.CheckboxItem
              key={layer}
              checked={layers.includes(layer)}
              className="flex cursor-pointer items-center gap-2 px-4 py-1.5 outline-none data-[highlighted]:bg-tint"
              onSelect={(e) => e.preventDefault()}
              onCheckedChange={(on) => onLayers(LAYERS.filter((l) => (l === layer ? on : layers.includes(l))))}
            >
              <span className="flex w-4">
                <DropdownMenu.ItemIndicator>
                  <Check size={15} aria-hidden="true" />
                </DropdownMenu.ItemIndicator>
              </span>
              <span>
                {LAYER_WORDS[layer]}
                {layer === 'sight' && sightHint && <span className="block text-xs text-muted">add a teacher spot first</span>}
              </span>
            </DropdownMenu.CheckboxItem>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
