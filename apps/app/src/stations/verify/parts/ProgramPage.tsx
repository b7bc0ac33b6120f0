import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { programSetting } from '@zero-point/core/state/verify/programContext';
import { LARGEST_PROGRAM } from '@zero-point/core/program/checkProgram';
import { hasController } from '@zero-point/core/records/shop/machine';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Cautions } from '../../../answer/Cautions';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { FilePicker } from '../../../files/FilePicker';
import { ProgressBar } from '../../../layout/ProgressBar';
import { StationFrame } from '../../../layout/StationFrame';
import { usePrograms, type Checked } from '../../../stores/programs';
import { AppText } from '../../../theme/AppText';
import { runProgramCheck } from '../../../workers/programJob';
import { WorkRefused, type RunningWorker } from '../../../workers/runWorker';
import { logProgramCheck } from '../commands';
import { BoxesFold } from './BoxesFold';
import { CheckedPage } from './CheckedPage';
import { PROGRAM_FILES } from './programFiles';
import { VerifyPageChoice } from './VerifyPageChoice';

type State = { state: 'idle' } | { state: 'reading'; name: string; share: number } | { state: 'refused'; why: string };

const UNREAD = 'The file could not be read. It may have been saved again: choose it again.';

/** A program held against what is set: chosen, read in a worker, and told what was found. */
export default function ProgramPage({ book }: { book: SetupState }) {
  const { setup, part, machine } = book;
  const checked = usePrograms(({ checked: all }) => all[setup.id]);
  const keep = usePrograms((programs) => programs.keep);
  const [now, setNow] = useState<State>({ state: 'idle' });
  const running = useRef<RunningWorker<Checked['result']> | undefined>(undefined);

  const check = async (file: File, reread: Checked['reread']) => {
    if (file.size > LARGEST_PROGRAM)
      return setNow({
        state: 'refused',
        why: 'The file is larger than 20 MB. Split the program, one tool a file, and check each.',
      });
    const set = programSetting(book);
    setNow({ state: 'reading', name: file.name, share: 0 });
    running.current = runProgramCheck({ file, set }, (share) => setNow({ state: 'reading', name: file.name, share }));
    try {
      const result = await running.current.result;
      setNow({ state: 'idle' });
      if (!result) return;
      keep(setup.id, { file, reread, set, result });
      logProgramCheck(book, file, result);
    } catch (error) {
      setNow({
        state: 'refused',
        why: error instanceof WorkRefused && error.code !== 'fault' ? error.message : UNREAD,
      });
    }
  };
  const checkAgain = ({ file, reread }: Checked) => {
    if (!reread) return void check(file, undefined);
    void reread().then(
      (now) => check(now, reread),
      () => setNow({ state: 'refused', why: UNREAD }),
    );
  };

  if (!hasController(machine))
    return (
      <StationFrame
        drawing={<Part book={book} />}
        prompt={<AppText kind="sentence">{`${machine.name} has no control that runs programs.`}</AppText>}
        detail={<VerifyPageChoice value="program" />}
        dock={null}
      />
    );
  if (checked && now.state !== 'reading')
    return (
      <CheckedPage
        book={book}
        checked={checked}
        trouble={now.state === 'refused' ? now.why : undefined}
        onAgain={() => checkAgain(checked)}
        onPick={(file, reread) => void check(file, reread)}
      />
    );
  return (
    <StationFrame
      drawing={<Part book={book} />}
      prompt={
        <>
          <AppText kind="sentence" live>
            {now.state === 'reading'
              ? `Reading ${now.name} …`
              : `Choose the program you will run. Every move is compared with what you set on ${part.name}.`}
          </AppText>
          {now.state === 'reading' && (
            <ProgressBar label={`Reading ${now.name}`} done={Math.round(now.share * 100)} most={100} />
          )}
          {now.state === 'refused' && (
            <View role="alert">
              <AppText tone="bad">{now.why}</AppText>
            </View>
          )}
        </>
      }
      detail={
        <>
          <VerifyPageChoice value="program" />
          <AppText tone="soft">
            Up to 20 MB. The file stays on this device; only its name and what was found are logged.
          </AppText>
          {part.untold && part.untold.length > 0 && (
            <AppText tone="warn">
              ▲{' '}
              {`Not entered: the part’s ${part.untold.map((axis) => axis.toUpperCase()).join(', ')}. Enter it in Plan, or its limits are not checked.`}
            </AppText>
          )}
          {book.cutPlan.program?.clear === undefined && (
            <AppText tone="warn">▲ The clear height is not set. Set it in Holes, under Program.</AppText>
          )}
          <BoxesFold book={book} />
          <Cautions
            cautions={[
              {
                id: 'first-run',
                text: 'A check finds mistakes but does not make it safe. First run above the part, single block, rapids low, hand on feed hold, emergency stop within reach.',
                mustTick: false,
              },
            ]}
            ticked={[]}
            onTick={() => undefined}
          />
        </>
      }
      dock={
        now.state === 'reading' ? (
          <Button mode="outlined" onPress={() => running.current?.cancel()}>
            Stop
          </Button>
        ) : (
          <FilePicker
            main
            rereads
            label="Choose the program"
            what="A program to check"
            accept={PROGRAM_FILES}
            onPick={(file, reread) => void check(file, reread)}
          />
        )
      }
    />
  );
}

const Part = ({ book }: { book: SetupState }) => (
  <PlanDrawing
    part={book.part}
    partZero={book.setup.partZero}
    zeroSet
    height={200}
    label={`${book.part.name} from above`}
  />
);
