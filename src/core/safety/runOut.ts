function notNegative(name: string, value: number): void {
  if (!Number.isFinite(value) || value < 0) throw new RangeError(`invalid ${name}: ${value}`);
}

/**
 * Metres that a runner needs to stop: v²/(2b) + margin. `speed` m/s, `braking` m/s², `margin` m.
 * Source: uniform deceleration, any mechanics text. Local rules decide what is kept clear beyond it.
 */
export function runOut(speed: number, braking: number, margin = 0): number {
  notNegative('speed', speed);
  notNegative('margin', margin);
  if (!Number.isFinite(braking) || braking <= 0) throw new RangeError(`invalid braking: ${braking}`);
  return (speed * speed) / (2 * braking) + margin;
}

/** The speed (m/s) reached from rest over `distance` m at `acceleration` m/s², at most `sprint` m/s: √(2·a·d). */
export function speedOver(distance: number, acceleration: number, sprint: number): number {
  notNegative('distance', distance);
  notNegative('acceleration', acceleration);
  return Math.min(sprint, Math.sqrt(2 * acceleration * distance));
}

/** Relative speed (m/s) of two who start at rest `distance` m each from one object and accelerate at `acceleration` m/s²: 2·√(2·a·d). */
export function closingSpeed(distance: number, acceleration: number): number {
  notNegative('distance', distance);
  notNegative('acceleration', acceleration);
  return 2 * Math.sqrt(2 * acceleration * distance);
}

/** Metres that somebody who swings needs free around: reach + implement + step. Local rules decide what is kept clear beyond it. */
export function swingClearance(reach: number, implement: number, step: number): number {
  notNegative('reach', reach);
  notNegative('implement', implement);
  notNegative('step', step);
  return reach + implement + step;
}
