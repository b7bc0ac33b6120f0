import { dialShows } from '@zero-point/core/practice/mill/indicator';
import type { Mill } from '@zero-point/core/practice/mill/mill';
import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import type { MillWork } from '@zero-point/core/practice/mill/works/work';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useState } from 'react';
import { Choice } from '../../controls/Choice';
import { TickBox } from '../../controls/TickBox';
import { Do, Row } from './hand';
import { QuillHand, SeatHand, TableHand } from './HoldHand';

interface WorkHandProps {
  mill: Mill;
  unit: LengthUnit;
  onAct: (what: MillAct) => void;
}

/** What a hand does with the work itself, and with an indicator: as much of it as the lesson has. */
export function WorkHand({ mill, unit, onAct }: WorkHandProps) {
  const { work } = mill;
  return (
    <>
      {dialShows(mill) !== undefined && (
        <Row>
          <Do label="Zero the dial" onPress={() => onAct({ do: 'zero-dial' })} />
        </Row>
      )}
      {turnsByHand(mill) && (
        <Row says={`Spindle turned by hand to ${(((mill.turned % 360) + 360) % 360).toFixed(0)}°.`}>
          <Do label="Turn it −90°" onPress={() => onAct({ do: 'turn', by: -90 })} />
          <Do label="Turn it +90°" onPress={() => onAct({ do: 'turn', by: 90 })} />
        </Row>
      )}
      {mill.spec.homes !== undefined && (
        <Row says="Z up, then to the home switches.">
          <Do label="Home it" onPress={() => onAct({ do: 'home' })} />
        </Row>
      )}
      {mill.spec.quill && <QuillHand mill={mill} unit={unit} onAct={onAct} />}
      {work?.kind === 'seat' && <SeatHand work={work} onAct={onAct} />}
      {work?.kind === 'table' && <TableHand work={work} onAct={onAct} />}
      {work?.kind === 'head' && <HeadTaps onAct={onAct} />}
      {work?.kind === 'vise' && <ViseHand work={work} onAct={onAct} />}
      {work?.kind === 'chuck' && <ChuckHand work={work} onAct={onAct} />}
      {work?.kind === 'tilt' && (
        <Row says={`A is at ${work.command}°.`}>
          <Do label="A −90°" onPress={() => onAct({ do: 'index', by: -90 })} />
          <Do label="A +90°" onPress={() => onAct({ do: 'index', by: 90 })} />
        </Row>
      )}
      {work?.kind === 'boring' && <HeadHand work={work} turns={mill.rpm > 0} onAct={onAct} />}
      {work?.kind === 'facing' && (
        <Row
          says={
            mill.rpm === 0
              ? 'Spindle stopped.'
              : work.passes === 0
                ? 'Nothing cut yet.'
                : work.passes === 1
                  ? 'One pass cut.'
                  : `${work.passes} passes cut.`
          }
        >
          <Do label="Cut across" off={mill.rpm === 0} onPress={() => onAct({ do: 'cut' })} />
        </Row>
      )}
      {(work?.kind === 'boring' || work?.kind === 'facing') && (
        <Row
          says={mill.measured === undefined ? 'Not measured yet.' : `${formatLength(mill.measured, { unit })} ${unit}`}
        >
          <Do
            label={work.kind === 'boring' ? 'Measure the bore' : 'Measure the part'}
            onPress={() => onAct({ do: 'measure' })}
          />
        </Row>
      )}
    </>
  );
}

/** Whether there is a reason to turn the spindle by hand. */
const turnsByHand = ({ held, between, work, spec }: Mill): boolean =>
  between?.kind === 'stand' ||
  (held?.kind === 'probe' && held.runsOut !== undefined) ||
  (held?.kind === 'indicator' &&
    (work?.kind === 'head' ||
      ((work === undefined || work.kind === 'table') && (spec.bore ?? spec.boss) !== undefined)));

const TAPS = ['0.1', '0.02', '0.005'] as const;

interface WorkProps<W> {
  work: W;
  onAct: (what: MillAct) => void;
}

/** Taps of a soft hammer, the pointer watched: how far one goes is never quite the same. */
function Taps({ what, onAct }: { what: string; onAct: (what: MillAct) => void }) {
  const [tap, setTap] = useState<(typeof TAPS)[number]>('0.1');
  return (
    <>
      <Choice
        label="One tap moves about, mm"
        value={tap}
        options={TAPS.map((value) => ({ value, label: value }))}
        onChange={setTap}
      />
      <Row says={what}>
        <Do label="Tap toward you" onPress={() => onAct({ do: 'tap', by: -Number(tap) })} />
        <Do label="Tap away" onPress={() => onAct({ do: 'tap', by: Number(tap) })} />
      </Row>
    </>
  );
}

/** The head, tapped in either plane: what a side of the swing goes up by, over the whole of it. */
function HeadTaps({ onAct }: { onAct: (what: MillAct) => void }) {
  const [tap, setTap] = useState<(typeof TAPS)[number]>('0.1');
  const down = (along: 'x' | 'y', way: number) => () => onAct({ do: 'tap', along, by: way * Number(tap) });
  return (
    <>
      <Choice
        label="One tap moves about, mm over the swing"
        value={tap}
        options={TAPS.map((value) => ({ value, label: value }))}
        onChange={setTap}
      />
      <Row>
        <Do label="Right side up" onPress={down('x', -1)} />
        <Do label="Left side up" onPress={down('x', 1)} />
      </Row>
      <Row>
        <Do label="Back up" onPress={down('y', -1)} />
        <Do label="Front up" onPress={down('y', 1)} />
      </Row>
    </>
  );
}

const ViseHand = ({ work, onAct }: WorkProps<Extract<MillWork, { kind: 'vise' }>>) => (
  <>
    <Taps what={work.tight ? 'Bolted down: nothing moves.' : 'The right end is loose.'} onAct={onAct} />
    <TickBox label="Bolts tightened" ticked={work.tight} onTick={() => onAct({ do: 'bolts', tight: !work.tight })} />
  </>
);

const ChuckHand = ({ work, onAct }: WorkProps<Extract<MillWork, { kind: 'chuck' }>>) => (
  <>
    <Row says={`Mark ${work.mark}° faces the indicator.`}>
      <Do label="Table −90°" onPress={() => onAct({ do: 'index', by: -90 })} />
      <Do label="Table +90°" onPress={() => onAct({ do: 'index', by: 90 })} />
    </Row>
    <Taps what="The part, at the side that looks here." onAct={onAct} />
    <TickBox
      label="Parallels under the part"
      ticked={work.parallels}
      onTick={() => onAct({ do: 'parallels', in: !work.parallels })}
    />
  </>
);

const MOVES = ['0.1', '0.02', '0.002'] as const;

function HeadHand({ work, turns, onAct }: WorkProps<Extract<MillWork, { kind: 'boring' }>> & { turns: boolean }) {
  const [step, setStep] = useState<(typeof MOVES)[number]>('0.1');
  return (
    <>
      <TickBox
        grave={work.indicator}
        label="Indicator on the head"
        ticked={work.indicator}
        onTick={() => onAct({ do: 'indicator', on: !work.indicator })}
      />
      <Choice
        label="The slide goes, mm on the radius"
        value={step}
        options={MOVES.map((value) => ({ value, label: value }))}
        onChange={setStep}
      />
      <Row>
        <Do label="Slide in" onPress={() => onAct({ do: 'head', by: -Number(step) })} />
        <Do label="Slide out" onPress={() => onAct({ do: 'head', by: Number(step) })} />
        <Do label={work.locked ? 'Locked' : 'Lock it'} off={work.locked} onPress={() => onAct({ do: 'lock' })} />
      </Row>
      <Row
        says={
          !turns
            ? 'Spindle stopped.'
            : work.cuts === 0
              ? 'Nothing cut yet.'
              : work.cuts === 1
                ? 'One pass cut.'
                : `${work.cuts} passes cut.`
        }
      >
        <Do label="Feed through" off={!turns} onPress={() => onAct({ do: 'cut' })} />
      </Row>
    </>
  );
}
