import type { GuestBlock, GuestGame, GuestView } from '../../../core/fit/guestView.ts';
import { counted, duration, listed } from '../../../core/formats/speak.ts';
import { callWords } from '../../../core/words/en.ts';
import { limitWords, PHASE_GUIDE } from '../../../core/words/guest.en.ts';
import { cardLineWords, ruleWords } from '../../../core/words/rules.en.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { useSize } from '../../floor/scale.ts';
import { bellClock } from '../../parts/bellClock.ts';
import { Pennant } from '../../parts/Pennant.tsx';

/** More starts of rounds are counted. */
const MOST_STARTS = 12;

/** One block: when, how long, what is said and done, and what nobody does here. */
export function GuestBlockView({ view, block, isNow }: { view: GuestView; block: GuestBlock; isNow: boolean }) {
  return (
    <li
      className={`grid grid-cols-[92px_1fr] gap-5 border-t border-ink py-4 print:grid-cols-[72px_1fr] print:gap-3 max-[600px]:grid-cols-1 max-[600px]:gap-1 ${isNow ? 'bg-tint px-3 print:bg-transparent print:px-0' : ''}`}
    >
      <p>
        <span className="wide text-xl">{bellClock(block.at)}</span>
        <span className="block text-muted">{duration(block.seconds)}</span>
        {isNow && <span className="head mt-1 inline-block bg-tape px-2 text-white print:hidden">now</span>}
      </p>
      <div className="min-w-0">
        <h2 className="break-after-avoid text-xl">{block.title}</h2>
        {!block.game && PHASE_GUIDE[block.phase] && <p className="mt-1 text-lg">{PHASE_GUIDE[block.phase]}</p>}
        {block.limits.length > 0 && (
          <ul className="mt-2 border-l-[3px] border-caution pl-3" aria-label={`Limits in ${block.title}`}>
            {block.limits.map((limit) => (
              <li key={limit.limit} className="head text-base">
                {limitWords(limit)}.
              </li>
            ))}
          </ul>
        )}
        {block.change && (
          <p className="mt-2">
            First{' '}
            {block.change.movers.length > 0 ? `${counted(block.change.movers.length, 'student')} get a new pennant` : 'the floor changes'}
            {block.change.floorSeconds > 0 && `, then the floor is changed (${duration(block.change.floorSeconds)})`}.
          </p>
        )}
        {block.game && <Game game={block.game} view={view} />}
      </div>
    </li>
  );
}

function Game({ game, view }: { game: GuestGame; view: GuestView }) {
  const [ref, size] = useSize();
  const numberOf = (id: string) => game.pieces.find((p) => p.id === id)?.number ?? 0;
  const rounds = game.bouts.length;
  const [first] = game.bouts;
  const starts = game.bouts.slice(0, MOST_STARTS).map((b) => bellClock(b.at));
  return (
    <>
      <p className="mt-1 text-lg">{game.aim}</p>
      {first && (
        <p className="mt-2">
          <span className="font-bold">
            {counted(rounds, 'round')} of {duration(first.until - first.at)}
            {rounds > 1 && game.moveSeconds > 0 ? `, ${duration(game.moveSeconds)} to move` : ''}.
          </span>{' '}
          Rounds begin at {listed(rounds > MOST_STARTS ? [...starts, `${rounds - MOST_STARTS} more`] : starts)}.
        </p>
      )}
      <div ref={ref} className="mt-3 max-w-[720px] break-inside-avoid [&_svg]:h-auto [&_svg]:max-w-full">
        {size.width > 0 && (
          <MiniFloor
            room={view.room}
            pieces={game.pieces}
            things={game.things}
            width={Math.min(size.width, 720)}
            height={Math.max(180, Math.min(size.width, 720) * 0.58)}
          />
        )}
      </div>
      {game.groups.length > 1 && (
        <>
          <h3 className="mt-4 break-after-avoid text-base">Who starts where</h3>
          <ul
            className="grid grid-cols-2 gap-x-6 max-[820px]:grid-cols-1 print:grid-cols-2"
            aria-label={`Who starts where in ${game.title}`}
          >
            {game.groups.map((members, g) => (
              <li key={`group-${g + 1}`} className="flex break-inside-avoid items-start gap-3 border-t py-1.5">
                <Pennant index={g} width={32} />
                <p className="min-w-0">
                  <span className="head text-base">
                    Group {g + 1}: {placeName(game, 0, g)}
                    {rounds > 1 && game.rounds[1]?.[g] !== game.rounds[0]?.[g] ? `, then ${placeName(game, 1, g)}` : ''}
                  </span>
                  <span className="block">{members.map((id) => view.names[id] ?? '').join(', ')}</span>
                </p>
              </li>
            ))}
          </ul>
        </>
      )}
      {rounds > 1 && game.calls.length > 0 && (
        <>
          <h3 className="mt-4 break-after-avoid text-base">At the switch say</h3>
          <ul>
            {callWords(game.calls, numberOf).map((line) => (
              <li key={line}>{line}</li>
            ))}
            <li>Walk to the next number.</li>
          </ul>
        </>
      )}
      <h3 className="mt-4 break-after-avoid text-base">Rules</h3>
      <Lines lines={game.rules.map((rule) => ruleWords(rule, game.format))} />
      {game.cards.map((card) => {
        const piece = game.pieces.find((p) => p.id === card.pieceId);
        const here = game.gear.filter((line) => line.pieceId === card.pieceId).map((line) => counted(line.count, line.gearKind));
        return (
          <section
            key={card.pieceId}
            className="mt-3 break-inside-avoid border-[1.5px] border-ink bg-white p-3"
            aria-label={`Card of ${piece ? `${piece.number} ` : ''}${card.title}`}
          >
            <h3 className="flex items-baseline gap-3 text-lg">
              {piece && <span className="text-tape">{piece.number}</span>}
              {card.title}
            </h3>
            <p className="text-muted">Gear here: {here.length ? listed(here) : 'none'}</p>
            <Lines lines={card.lines.map((line) => cardLineWords(line, game.format))} />
          </section>
        );
      })}
      {game.questions.length > 0 && (
        <>
          <h3 className="mt-4 break-after-avoid text-base">Ask at the end</h3>
          <ul className="list-disc pl-5">
            {game.questions.map((question) => (
              <li key={question}>{question}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

/** "4 Bell toss", or that the group waits. */
function placeName(game: GuestGame, round: number, group: number): string {
  const at = game.rounds[round]?.[group];
  const piece = at === undefined ? undefined : game.pieces[at];
  return piece ? `${piece.number} ${piece.title}` : at === -1 ? 'waits with a task' : 'the floor';
}

const Lines = ({ lines }: { lines: { label: string; text: string }[] }) => (
  <dl className="mt-1 columns-2 gap-8 max-[820px]:columns-1 print:columns-2">
    {lines.map(({ label, text }) => (
      <div key={`${label} ${text}`} className="mb-1.5 break-inside-avoid">
        <dt className="text-xs text-muted">{label}</dt>
        <dd>{text}</dd>
      </div>
    ))}
  </dl>
);
