import type { Face } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { FACES } from '@zero-point/core/datum/faces';
import { useLocalSearchParams, useRouter } from 'expo-router';
import type { FormView } from '../../answer/AnswerForms';
import { Cautions } from '../../answer/Cautions';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { FaceHint, FaceMark, FaceTarget } from '../../drawing/FaceTouch';
import { MainAction } from '../../frame/MainAction';
import { StationFrame } from '../../frame/StationFrame';
import { useWide } from '../../frame/useWide';
import { plusMinus } from '../../answer/words';
import { TouchDetail } from '../../answer/TouchDetail';
import { TouchDock } from '../../answer/TouchDock';
import { useTouchPage } from '../../answer/useTouchPage';
import { Words } from '../../theme/Words';
import { logStrike } from '../newReading';
import { stationPath } from '../strip';
import { MiddleCard } from './MiddleCard';
import { WidthNote } from './WidthNote';
import { datumView, faceReadings, type FaceView, type FinderView } from './useDatum';

const isFace = (value: unknown): value is Face => FACES.some((face) => face === value);

/** Datum: X and Y from the faces of the part. */
export default function DatumScreen({ snapshot }: { snapshot: Snapshot }) {
  const router = useRouter();
  const wide = useWide();
  const params = useLocalSearchParams();
  const chosen = isFace(params.face) ? params.face : undefined;
  const view = datumView(snapshot, chosen);
  const page = useTouchPage(chosen, view.face?.forms ?? []);
  const { part, setup } = snapshot;
  const face = view.face;
  const answer = face?.answer;
  const compact = !wide && face !== undefined;
  const unit = setup.units;
  const done = (form: FormView) => {
    face?.markSet(form);
    router.setParams({ face: '' });
  };

  return (
    <StationFrame
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={view.set.x && view.set.y}
          height={wide ? 'fill' : compact ? 185 : view.middles.length > 0 ? 250 : 470}
          room={face ? (view.finder?.radius ?? 0) * 2 : 0}
          label={`${part.name} from above${face ? `, the finder at the ${face.face} face` : ''}`}
          marks={(place) =>
            !face ? (
              FACES.map((name) => <FaceHint key={name} part={part} face={name} view={place} />)
            ) : (
              <FaceMark
                part={part}
                face={face.face}
                view={place}
                radius={view.finder?.radius ?? 0}
                band={answer && plusMinus(answer.result.uncertainty.U, unit)}
              />
            )
          }
          targets={(place) =>
            FACES.map((name) => (
              <FaceTarget
                key={name}
                part={part}
                face={name}
                view={place}
                chosen={name === chosen}
                label={`${name} face`}
                onPress={() => router.setParams({ face: name })}
              />
            ))
          }
        />
      }
      prompt={
        <Prompt
          face={face}
          finder={view.finder}
          sentence={view.sentence}
          showing={page.showing}
          brief={compact && answer !== undefined}
        />
      }
      detail={
        <>
          {view.checks.map((check) => (
            <WidthNote key={check.axis} check={check} unit={unit} />
          ))}
          {view.middles.map((middle) => (
            <MiddleCard key={middle.axis} middle={middle} unit={unit} tolerance={setup.tolerance} />
          ))}
          {face && (
            <TouchDetail
              page={page}
              unit={unit}
              tolerance={setup.tolerance}
              readings={faceReadings(snapshot, face.subject)}
              answer={answer}
              forms={face.forms}
              onStrike={(reading, action, reason) => logStrike(snapshot, reading, action, reason)}
              onDone={done}
            />
          )}
        </>
      }
      dock={
        face ? (
          <TouchDock
            page={page}
            unit={unit}
            label={`${face.axis.toUpperCase()} on the ${snapshot.machine.scale === 'machine' ? 'controller' : snapshot.machine.scale}`}
            forms={face.forms}
            onLog={face.log}
            onDone={done}
          />
        ) : (
          view.set.x &&
          view.set.y && (
            <MainAction label="On to Heights" onPress={() => router.navigate(stationPath(setup.id, 'heights'))} />
          )
        )
      }
    />
  );
}

interface PromptProps {
  face: FaceView | undefined;
  finder: FinderView | undefined;
  sentence: string;
  showing: 'entry' | 'answer';
  /** Leaves out what was read before the first touch, so that the readings are in sight. */
  brief: boolean;
}

function Prompt({ face, finder, sentence, showing, brief }: PromptProps) {
  if (!face) {
    return (
      <>
        <Words kind="sentence" live>
          {sentence}
        </Words>
        <Words tone="soft">{finder ? finder.words : 'Choose a finder in Plan first.'}</Words>
      </>
    );
  }
  return (
    <>
      <Words kind="sentence" live>
        {showing === 'answer'
          ? `The ${face.face} face is found. Set ${face.axis.toUpperCase()} one of these ways.`
          : brief
            ? `The ${face.face} face, coming from ${face.from}`
            : face.sentence}
      </Words>
      {showing === 'entry' && finder && !brief && (
        <>
          <Words tone="soft">{finder.words}</Words>
          <Cautions cautions={finder.cautions} ticked={[]} onTick={() => undefined} />
        </>
      )}
    </>
  );
}
