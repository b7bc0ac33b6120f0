import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { SHEET_TAPED } from '@zero-point/core/state/status/setupProgress';
import { sheetOf } from '@zero-point/core/sheet/sheetOf';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { HolesMark } from '../../drawing/HolesMark';
import { Choice } from '../../controls/Choice';
import { GAP } from '../../layout/layout';
import { MainAction } from '../../controls/MainAction';
import { useWide } from '../../layout/useLayoutSize';
import { TickBox } from '../../controls/TickBox';
import { DraftField } from '../../keypad/DraftField';
import { logCheck } from '../../commands/logCheck';
import { useLook } from '../../theme/useLook';
import { AppText } from '../../theme/AppText';
import { ExportsFold } from './parts/ExportsFold';
import { SectionView } from './parts/SectionView';

/** The sheet that is taped to the machine: as it will print, and every file of the setup. */
export default function SheetScreen({ book }: { book: SetupState }) {
  const { palette } = useLook();
  const wide = useWide();
  const [made] = useState(() => new Date().toISOString());
  const [paper, setPaper] = useState<'a4' | 'letter'>(book.setup.units === 'in' ? 'letter' : 'a4');
  const [by, setBy] = useState('');
  const sheet = sheetOf(book, made);
  const open = sheet.sections.find(({ tone, columns }) => tone === 'warn' && columns.length === 0)?.lines.length ?? 0;
  const taped = book.index.lastCheck.get(SHEET_TAPED)?.action === 'tick';
  const name = by.trim() === '' ? '' : `&by=${encodeURIComponent(by.trim().slice(0, 80))}`;
  const address = (end: 'pdf' | 'html') => `/api/setups/${book.setup.id}/sheet.${end}?paper=${paper}${name}`;
  const show = (end: 'pdf' | 'html') => window.open(address(end), '_blank', 'noopener');
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <ScrollView contentContainerStyle={styles.body}>
        <AppText kind="sentence" live>
          {open === 0
            ? 'Everything is done. Print the sheet and tape it to the machine.'
            : `${open} ${open === 1 ? 'thing is' : 'things are'} still open. The sheet lists them at the top.`}
        </AppText>
        <View style={[styles.paper, { backgroundColor: palette.strip, borderColor: palette.line }]}>
          <AppText kind="strong" style={[styles.title, { color: palette.onStrip }]}>
            {sheet.title}
          </AppText>
          <PlanDrawing
            part={book.part}
            partZero={book.setup.partZero}
            zeroSet
            height={wide ? 260 : 180}
            drawnHoles="faint"
            label={`${book.part.name} from above, zero at the ${sheet.drawing.zeroWords}`}
            marks={(view) => (
              <HolesMark
                holes={sheet.drawing.holes.map(({ x, y, diameter, number }) => ({
                  x: x - sheet.drawing.zero.x,
                  y: y - sheet.drawing.zero.y,
                  diameter,
                  hole: number,
                  angle: null,
                }))}
                zero={sheet.drawing.zero}
                view={view}
              />
            )}
          />
          {sheet.facts.map(([name, value]) => (
            <AppText key={name} style={{ color: palette.onStrip }}>{`${name}: ${value}`}</AppText>
          ))}
          {sheet.sections.map((section) => (
            <SectionView key={section.title} section={section} wide={wide} />
          ))}
        </View>
        <Choice
          label="Paper"
          value={paper}
          options={[
            { value: 'a4', label: 'A4' },
            { value: 'letter', label: 'Letter' },
          ]}
          onChange={setPaper}
        />
        <DraftField label="Set up by" value={by} onChange={setBy} onSubmit={() => undefined} />
        <TickBox
          label="Sheet is at the machine"
          ticked={taped}
          onTick={() => logCheck(book, SHEET_TAPED, 'The sheet is at the machine.', taped ? 'clear' : 'tick', '')}
        />
        <Button mode="outlined" onPress={() => show('html')} style={styles.print}>
          Open as a page to print
        </Button>
        <ExportsFold book={book} />
      </ScrollView>
      <View style={[styles.dock, { borderColor: palette.line }]}>
        <MainAction label="Open the PDF" onPress={() => show('pdf')} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1 },
  body: { padding: 16, gap: GAP, maxWidth: 860, width: '100%', alignSelf: 'center' },
  paper: { borderWidth: 1, padding: 14, gap: 8 },
  print: { alignSelf: 'flex-start' },
  title: { fontSize: 20, lineHeight: 26 },
  dock: { padding: 8, borderTopWidth: 1, alignItems: 'center', gap: 4 },
});
