'use client';

import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import { families, familyOf } from '@/core/families/registry';
import { inSentence } from '@/core/language/in-sentence';
import { withReading } from '@/core/readings/reading';
import { SelectBox } from '@/ui/forms/SelectBox';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { Shell } from '../shell/Shell';
import { Answer } from './Answer';
import { BringKept, BringPart } from './Kept';
import { Onward } from './Onward';
import { PlateBox } from '@/ui/plates/PlateBox';
import { Load, LOAD, Supply } from './Surroundings';
import { useCheck, type QuickCheck } from './use-check';
import checkStyle from '@/ui/styles/check.module.css';

/** A part, invented. */
const PART = 'IEC 60947-4-1  3P  AC-3 25 A 11 kW 400 V\nCOIL 24 V DC  1NO 1NC';

function Parts({ check }: { check: QuickCheck }) {
  const { state, practice } = check;
  const parts = Object.entries(state.hand ?? {});
  return (
    <>
      {parts.map(([key, part], nth) => (
        <PlateBox
          key={key}
          title={parts.length > 1 ? part.name : 'This part'}
          about="Type or paste what stands on it, or take its picture"
          kind={state.family}
          section="removed"
          text={part.typed ?? ''}
          readings={part.readings}
          example={familyOf(state.family)?.example ?? PART}
          pick={
            nth === 0 && (
              <SelectBox<string>
                aria-label="Kind of part"
                style={{ width: 190 }}
                value={state.family}
                options={[
                  ...(state.family ? [] : [['', 'kind: by its plate'] as const]),
                  ...families.map(({ id, title }) => [id, inSentence(practice === 'IEC' ? title.iec : title.nfpa)] as const),
                ]}
                onWord={check.chooseFamily}
              />
            )
          }
          onType={(text) => check.typePart(key, text)}
          onPictured={(kind, found) => check.pictured(key, kind, found)}
          onChange={({ id }, reading) => {
            check.change([{ path: `hand.${key}`, value: { ...part, readings: withReading(part.readings, id, reading) } }]);
          }}
        />
      ))}
      <Button onClick={check.addPart} disabled={parts.some(([, { readings }]) => Object.keys(readings).length === 0)}>
        Another part beside it
      </Button>
    </>
  );
}

/** Quick check: what feeds it, what it must serve, this part. No site, panel or position is needed. */
export function CheckPage({ kept, part }: { kept?: string; part?: string }) {
  const check = useCheck();
  const empty = !check.answer || check.answer.parts.length === 0;
  const [first] = Object.keys(check.state.hand ?? {});
  return (
    <Shell here="/check">
      <main className="middle stack" id="main" style={{ maxWidth: 1280, margin: '0 auto' }}>
        <div className="row-flex" style={{ justifyContent: 'space-between' }}>
          <div>
            <h1>Quick check</h1>
            <p className="muted">
              Does this part fit? What it must serve, what feeds it, this part: the verdict stands as the plates are read.
            </p>
          </div>
          <div className="row-flex">
            {part && <BringPart check={check} wanted={part} />}
            <BringKept check={check} wanted={kept} />
            <Button onClick={check.clear}>Begin again</Button>
          </div>
        </div>
        <div className={checkStyle.check}>
          <div className="stack">
            <Parts check={check} />
            <Load check={check} />
            <Supply check={check} />
          </div>
          <div className="stack">
            {empty ? (
              <EmptyPlace
                title="The verdict appears here"
                action={
                  <Button
                    onClick={() => {
                      check.typePart(certain(first), PART);
                      check.typeLoad(LOAD);
                    }}
                  >
                    Try an example
                  </Button>
                }
              >
                Line by line with figures and sources; what is still missing for an answer is asked one question at a time.
              </EmptyPlace>
            ) : (
              <>
                <Answer check={check} />
                <Onward check={check} />
              </>
            )}
          </div>
        </div>
      </main>
    </Shell>
  );
}
