import { HandwheelDial } from '../../../dial/HandwheelDial';
import { Ground } from '../../../drawing/Ground';

const PLAIN = 100;

/** The dial of a handwheel with as many lines as were told. */
export const DialPicture = ({ lines }: { lines: number | undefined }) => (
  <Ground
    height={170}
    label={`A handwheel’s dial${lines === undefined ? '' : ` with ${lines} lines`}`}
    draw={(width, height) => (
      <HandwheelDial
        lines={lines ?? PLAIN}
        line={0}
        at={{ x: width / 2, y: height / 2 + 4 }}
        r={height * 0.42}
        words={lines === undefined ? 'lines?' : `${lines} lines`}
      />
    )}
  />
);
