'use client';

import Button from '@mui/material/Button';
import { familyWords } from '@/core/families/registry';
import { sayIn } from '@/core/language/by-practice';
import { partObstacles } from '@/core/swap/sign-off';
import { several, unknownOf } from '../progress';
import type { Stage } from '../StageRail';
import { useJob } from '../use-job';
import { Sign } from './Sign';

function Go({ to, words, small }: { to: Stage; words: string; small: string }) {
  const { goTo } = useJob();
  return (
    <Button variant="contained" fullWidth onClick={() => goTo(to)}>
      {words}
      <small>{small}</small>
    </Button>
  );
}

/** Takes the chosen part, or says what is to be looked at first. */
function Take() {
  const { choice, part, state, changes, title, derived, change, goTo } = useJob();
  if (!choice || !part) return <p className="muted">Choose a candidate by its name.</p>;
  if (choice.taken) return <Go to="prove" words="Tests" small={title} />;
  const open = partObstacles(part, state, changes);
  const unsafe = open.some(({ kind }) => kind === 'safety');
  const take = () => {
    change([{ path: 'choice.part', value: { ...choice, taken: true } }]);
    if (derived.openSteps > 0) goTo('safe', 'prove');
    else goTo('prove');
  };
  return (
    <Button variant="contained" fullWidth disabled={open.length > 0} onClick={take}>
      Take {title}
      <small>
        {unsafe
          ? 'a safety line fails: it cannot be installed'
          : open.length > 0
            ? `${several(open.length, 'line')} to look at first`
            : 'then the tests'}
      </small>
    </Button>
  );
}

/** The next step of a stage, and what it waits for. */
export function Foot() {
  const { stage, derived, board, state, view, obstacles, practice } = useJob();
  const unknown = unknownOf(derived).length;
  const steps = derived.openSteps;
  if (view.status === 'signed') return null;
  switch (stage) {
    case 'safe':
      return (
        <Go to="read" words="Read the plates" small={steps > 0 ? `${steps} steps stay open; Tests waits for them` : 'all confirmed'} />
      );
    case 'read':
      return (
        <Go
          to="need"
          words="See the requirements"
          small={unknown > 0 ? `${several(unknown, 'line')} will show as not known` : 'every line is known'}
        />
      );
    case 'need': {
      const judged = board && `${board.judged} ${sayIn(practice, familyWords(state.family))}, ${board.onShelf} in stock`;
      return <Go to="match" words="See the candidates" small={judged ?? 'stock and catalogue'} />;
    }
    case 'match':
      return <Take />;
    case 'prove':
      return (
        <Go
          to="record"
          words="Go to sign-off"
          small={obstacles.length > 0 ? `${several(obstacles.length, 'thing')} still open` : 'all tests passed'}
        />
      );
    default:
      return <Sign />;
  }
}
