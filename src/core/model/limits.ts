import { z } from 'zod';

/** Limits of the floor that hold for all bands. Editable, marked as house figures; local rules decide. */
export const FloorLimits = z.object({
  /** Metres from walls where nobody runs. */
  wallClearanceM: z.number().min(0).max(10),
  /** Less than this before a wall is no run-out at all, metres. */
  leastRunOutM: z.number().min(0).max(20),
  /** Speed at which two who dash for one object may come at each other, m/s. */
  closingSpeedMs: z.number().min(1).max(20),
  /** Metres from a start to the object, at least. */
  leastStartM: z.number().min(0).max(10),
  /** Students who dash for one object, at most. */
  mostAtOnce: z.number().int().min(1).max(12),
  /** Clear width of a way for a wheelchair or walker, metres: the older published building-access minimum; newer ones are larger and local code decides. */
  routeM: z.number().min(0.5).max(5),
  /** The same in play, metres. */
  playRouteM: z.number().min(0.5).max(5),
  /** Metres that a waiting line keeps from a long swinging implement. */
  behindSwingM: z.number().min(0).max(20),
  /** What is no higher is seen over, metres. */
  seenOverM: z.number().min(0).max(3),
  /** What is lofted rises to this height, metres. */
  loftM: z.number().min(1).max(20),
});
export type FloorLimits = z.infer<typeof FloorLimits>;

export const HOUSE_FLOOR_LIMITS: FloorLimits = {
  wallClearanceM: 1,
  leastRunOutM: 2,
  closingSpeedMs: 7,
  leastStartM: 1,
  mostAtOnce: 4,
  routeM: 0.915,
  playRouteM: 1.5,
  behindSwingM: 4.5,
  seenOverM: 1.2,
  loftM: 6,
};

/** An implement this long or longer is a long one, metres. */
export const LONG_IMPLEMENT_M = 0.5;

/** How vigorous a block is, and the share of a band's vigorous floor per student that it wants. */
export const VIGOURS = ['calm', 'moderate', 'vigorous'] as const;
export type Vigour = (typeof VIGOURS)[number];
export const VIGOUR_SHARE: Record<Vigour, number> = { calm: 0.4, moderate: 0.7, vigorous: 1 };
