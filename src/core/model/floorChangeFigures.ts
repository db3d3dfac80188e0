import { z } from 'zod';

/** What changing the floor in the middle of a lesson takes. Editable house figures: every school has other hands. */
export const FloorChangeFigures = z.object({
  /** Adults who tape and carry. */
  adults: z.number().int().min(1).max(12),
  /** Students of a gear crew, who carry and never tape. */
  crew: z.number().int().min(0).max(20),
  /** Seconds for a meter of tape; taking it up takes half of that. */
  secondsPerTapeM: z.number().min(1).max(60),
  /** Seconds to put one piece of gear down. */
  secondsPerPiece: z.number().min(1).max(60),
  /** Seconds in which a class finds its new groups. */
  regroupSeconds: z.number().int().min(5).max(300),
  /** Seconds that a class may wait for a floor. */
  mostSeconds: z.number().int().min(30).max(1800),
});
export type FloorChangeFigures = z.infer<typeof FloorChangeFigures>;

export const HOUSE_FLOOR_CHANGE: FloorChangeFigures = {
  adults: 1,
  crew: 4,
  secondsPerTapeM: 4,
  secondsPerPiece: 3,
  regroupSeconds: 20,
  mostSeconds: 120,
};
