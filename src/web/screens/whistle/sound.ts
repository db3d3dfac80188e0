let context: AudioContext | undefined;

function audio(): AudioContext | undefined {
  try {
    context ??= new AudioContext();
    void context.resume();
    return context;
  } catch {
    return undefined;
  }
}

function tone(at: number, seconds: number, hertz: number, wobble: number, loud: number): void {
  const ctx = audio();
  if (!ctx) return;
  const start = ctx.currentTime + at;
  const gain = ctx.createGain();
  gain.gain.setValueAtTime(0, start);
  gain.gain.linearRampToValueAtTime(loud, start + 0.02);
  gain.gain.setValueAtTime(loud, start + seconds - 0.05);
  gain.gain.linearRampToValueAtTime(0, start + seconds);
  gain.connect(ctx.destination);
  const main = ctx.createOscillator();
  main.frequency.value = hertz;
  main.connect(gain);
  if (wobble) {
    const pea = ctx.createOscillator();
    const depth = ctx.createGain();
    pea.frequency.value = wobble;
    depth.gain.value = hertz * 0.06;
    pea.connect(depth).connect(main.frequency);
    pea.start(start);
    pea.stop(start + seconds);
  }
  main.start(start);
  main.stop(start + seconds);
}

/** Steps of the little tune that stands in for a teacher's own music, in hertz, and how long each is. */
const TUNE = [262, 330, 392, 330, 440, 392, 330, 294];
const BEAT_S = 0.28;

/** Plays the little tune until what it returns is called. */
export function playTune(): () => void {
  let beat = 0;
  const next = () => {
    tone(0, BEAT_S * 0.9, TUNE[beat % TUNE.length], 0, 0.15);
    beat++;
  };
  next();
  const timer = setInterval(next, BEAT_S * 1000);
  return () => clearInterval(timer);
}

/** The stand-in for whistle and speaker. Each sound goes with words and a steady change of the screen, never alone. */
export const sounds = {
  /** One long whistle: a bout is over, or everything stops. */
  whistle() {
    tone(0, 0.8, 2350, 38, 0.35);
    tone(0, 0.8, 2610, 41, 0.2);
  },
  /** Two short ones: go. */
  go() {
    tone(0, 0.16, 2350, 38, 0.35);
    tone(0.24, 0.22, 2350, 38, 0.35);
  },
  /** A soft tone in the last seconds. */
  tick() {
    tone(0, 0.12, 660, 0, 0.2);
  },
};
