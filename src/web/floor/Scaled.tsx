import { useMemo } from 'react';
import type { Room } from '../../core/model/room.ts';
import { type Scale, scaleFor, useSize } from './scale.ts';

/** A box that fills its place and hands the room's scale in it to what is drawn; `pad` px around, more above and beside where told. */
export function Scaled({
  room,
  pad,
  above,
  beside,
  className = '',
  children,
}: {
  room: Room;
  pad: number;
  above?: number;
  beside?: number;
  className?: string;
  children: (scale: Scale) => React.ReactNode;
}) {
  const [box, size] = useSize();
  const scale = useMemo(
    () => (size.width ? scaleFor(room, size.width, size.height, pad, above, beside) : null),
    [room, size, pad, above, beside],
  );
  return (
    <div ref={box} className={`h-full w-full ${className}`}>
      {scale && children(scale)}
    </div>
  );
}
