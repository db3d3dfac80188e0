/** Implements of one kind needed at one place, all at once. */
export interface GearNeed {
  pieceId: string;
  title: string;
  gearKind: string;
  count: number;
  use: 'stays' | 'bring' | 'park' | 'wear';
  where?: string;
}
