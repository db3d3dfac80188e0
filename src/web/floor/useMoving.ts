import { useRef, useState } from 'react';
import { type Guide, snapTo } from '../../core/arrange/snapTo.ts';
import type { Placement } from '../../core/geometry/packUnits.ts';
import { arrowStep, pointIn, SETTLE_MS, snap } from './gesture.ts';
import type { Scale } from './scale.ts';

/** Something on the floor that can be moved: its box along the axes as it is taped. */
export interface Movable {
  id: string;
  box: Placement;
  /** Where it is told to lie: a place by its lower left corner, a piece by its middle. */
  at: { x: number; y: number };
  locked: boolean;
}
/** How far the chosen ones are being moved just now, and what they came to lie on. */
export interface Moving {
  ids: ReadonlySet<string>;
  dx: number;
  dy: number;
  guides: Guide[];
}

interface Options {
  movables: readonly Movable[];
  painted: readonly Guide[];
  selected: readonly string[];
  scale: Scale;
  onSelect?(ids: string[]): void;
  /** One gesture, one call: every piece that moved, and by how much. */
  onMove?(ids: string[], dx: number, dy: number): void;
  onTurn?(id: string, byDeg: number): void;
  onTakeUp?(ids: string[]): void;
}

/** A press that moves less than this is no drag, metres. */
const STILL_M = 0.15;
/** One press of R turns by so much, with shift by less. */
const TURN_DEG = 45;
const TURN_FINE_DEG = 5;

/** Dragging and stepping what lies on the floor, several at once; heard for the whole drawing by what carries data-piece. */
export function useMoving({ movables, painted, selected, scale, onSelect, onMove, onTurn, onTakeUp }: Options) {
  const [moving, setMoving] = useState<Moving | null>(null);
  const grip = useRef<{ id: string; x: number; y: number; ids: string[]; moved: boolean } | null>(null);
  const settle = useRef<ReturnType<typeof setTimeout>>(undefined);
  const stepped = useRef<{ ids: string[]; dx: number; dy: number } | null>(null);
  const idOf = (event: React.SyntheticEvent) => (event.target as Element).closest('[data-piece]')?.getAttribute('data-piece') ?? undefined;
  const free = (ids: readonly string[]) => ids.filter((id) => movables.some((m) => m.id === id && !m.locked));
  /** The ones that go with it: all that are chosen where it is one of them. */
  const together = (id: string) => (selected.includes(id) ? [...selected] : [id]);
  const choose = (id: string, more: boolean) => {
    if (!more) return selected.includes(id) ? undefined : onSelect?.([id]);
    onSelect?.(selected.includes(id) ? selected.filter((s) => s !== id) : [...selected, id]);
  };

  const onPointerDown = (event: React.PointerEvent<SVGSVGElement>) => {
    const id = idOf(event);
    if (!onMove) return;
    if (!id) {
      if (event.button === 0 && selected.length) onSelect?.([]);
      return;
    }
    choose(id, event.shiftKey);
    const ids = free(event.shiftKey ? [id] : together(id));
    const at = pointIn(event, scale);
    grip.current = { id, x: at.x, y: at.y, ids, moved: false };
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const onPointerMove = (event: React.PointerEvent<SVGSVGElement>) => {
    const held = grip.current;
    if (!held?.ids.length) return;
    const at = pointIn(event, scale);
    const by = { x: at.x - held.x, y: at.y - held.y };
    if (!held.moved && Math.hypot(by.x, by.y) < STILL_M) return;
    held.moved = true;
    const lead = movables.find((m) => m.id === held.id) ?? movables.find((m) => held.ids.includes(m.id))!;
    const ids = new Set(held.ids);
    const tenths = { dx: snap(lead.at.x + by.x) - lead.at.x, dy: snap(lead.at.y + by.y) - lead.at.y };
    // With Alt held a piece lies where it is put, to ten centimetres.
    if (event.altKey) return setMoving({ ids, ...tenths, guides: [] });
    const to = { ...lead.box, x: lead.box.x + tenths.dx, y: lead.box.y + tenths.dy };
    const still = movables.filter((m) => !ids.has(m.id)).map((m) => m.box);
    const lies = snapTo(to, still, painted);
    setMoving({ ids, dx: lies.x - lead.box.x, dy: lies.y - lead.box.y, guides: lies.guides });
  };
  const onPointerUp = (event: React.PointerEvent<SVGSVGElement>) => {
    const held = grip.current;
    grip.current = null;
    if (!held) return;
    if (held.moved && moving) onMove?.(held.ids, moving.dx, moving.dy);
    // A press on one of several that was no drag chooses that one alone.
    else if (!held.moved && !event.shiftKey && selected.length > 1) onSelect?.([held.id]);
    setMoving(null);
  };
  const onKeyDown = (event: React.KeyboardEvent<SVGSVGElement>) => {
    const id = idOf(event);
    if (!id) return;
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      if (event.shiftKey) choose(id, true);
      else onSelect?.(selected.length === 1 && selected[0] === id ? [] : [id]);
      return;
    }
    if (event.key === 'Escape') return onSelect?.([]);
    if ((event.key === 'Delete' || event.key === 'Backspace') && onTakeUp) {
      event.preventDefault();
      return onTakeUp(together(id));
    }
    if (event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey && onTurn) {
      event.preventDefault();
      return onTurn(id, event.shiftKey ? TURN_FINE_DEG : TURN_DEG);
    }
    const step = arrowStep(event);
    if (!step || !onMove) return;
    event.preventDefault();
    const ids = free(together(id));
    if (!selected.includes(id)) onSelect?.([id]);
    if (!ids.length) return;
    const before = stepped.current && stepped.current.ids.join() === ids.join() ? stepped.current : { ids, dx: 0, dy: 0 };
    const { at } = movables.find((m) => m.id === id && !m.locked) ?? movables.find((m) => m.id === ids[0])!;
    // To whole tenths along the step: what lay askew comes to lie straight.
    const along = (from: number, moved: number, by: number) => (by ? snap(from + moved + by) - from : moved);
    const now = { ids, dx: along(at.x, before.dx, step[0]), dy: along(at.y, before.dy, step[1]) };
    stepped.current = now;
    setMoving({ ids: new Set(ids), dx: now.dx, dy: now.dy, guides: [] });
    clearTimeout(settle.current);
    settle.current = setTimeout(() => {
      stepped.current = null;
      onMove(now.ids, now.dx, now.dy);
      setMoving(null);
    }, SETTLE_MS);
  };
  return { moving, handlers: { onPointerDown, onPointerMove, onPointerUp, onPointerCancel: onPointerUp, onKeyDown } };
}
