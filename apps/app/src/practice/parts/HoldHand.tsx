import type { Mill } from '@zero-point/core/practice/mill/mill';
import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import type { MillWork } from '@zero-point/core/practice/mill/works/work';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { TickBox } from '../../controls/TickBox';
import { Do, Row } from './hand';

interface HoldProps<W> {
  work: W;
  onAct: (what: MillAct) => void;
}

/** A part in a vise, on two parallels: tightened, tapped down, and a finger at the parallels. */
export const SeatHand = ({ work, onAct }: HoldProps<Extract<MillWork, { kind: 'seat' }>>) => (
  <>
    <TickBox label="Vise tightened" ticked={work.tight} onTick={() => onAct({ do: 'bolts', tight: !work.tight })} />
    <Row>
      <Do label="Tap down, left" onPress={() => onAct({ do: 'blow', side: 'left' })} />
      <Do label="Tap down, right" onPress={() => onAct({ do: 'blow', side: 'right' })} />
    </Row>
    <Row says={triedWords(work)}>
      <Do label="Try the parallels" onPress={() => onAct({ do: 'try' })} />
    </Row>
  </>
);

function triedWords({ tried }: Extract<MillWork, { kind: 'seat' }>): string {
  if (!tried) return 'Not tried since then.';
  if (tried.left && tried.right) return 'Both parallels slide.';
  if (!tried.left && !tried.right) return 'Neither parallel moves.';
  return `The ${tried.left ? 'left' : 'right'} parallel slides, the other is held.`;
}

/** A rotary table that lies loose on the mill's own. */
export const TableHand = ({ work, onAct }: HoldProps<Extract<MillWork, { kind: 'table' }>>) => (
  <>
    <Row says={work.tight ? 'Bolted down: it cannot move.' : 'Loose: a plug moves it.'} />
    <TickBox label="Bolts tightened" ticked={work.tight} onTick={() => onAct({ do: 'bolts', tight: !work.tight })} />
  </>
);

/** One pull of the quill's lever goes so far, mm. */
const PULL = 10;

/** The quill, which no scale sees. */
export const QuillHand = ({
  mill: { quill, quillLocked },
  unit,
  onAct,
}: {
  mill: Mill;
  unit: LengthUnit;
  onAct: (what: MillAct) => void;
}) => (
  <>
    <Row says={quill === 0 ? 'Quill up to its stop.' : `Quill down by about ${roughly(quill, unit)}.`}>
      <Do label="Quill up" off={quillLocked} onPress={() => onAct({ do: 'quill', by: -PULL })} />
      <Do label="Quill down" off={quillLocked} onPress={() => onAct({ do: 'quill', by: PULL })} />
    </Row>
    <TickBox label="Quill locked" ticked={quillLocked} onTick={() => onAct({ do: 'quill-lock', on: !quillLocked })} />
  </>
);

/** As its own scale tells it, which is only engraved. */
const roughly = (quill: number, unit: LengthUnit): string =>
  `${formatLength(quill, { unit, decimals: unit === 'mm' ? 0 : 1 })} ${unit}`;
