import type { ShopCheck } from '@zero-point/core/schema/shopCheck';
import { capital } from '@zero-point/core/messages/basis/grammar';
import { useMutation } from '@tanstack/react-query';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { request } from '../../../api/client';
import { Words } from '../../../theme/AppText';

/** A long record takes its time; nothing else waits for it. */
const PATIENCE = 10 * 60_000;

/** Faults that are told; the rest is of the same damage. */
const TOLD = 5;

/** A look through the whole file of the shop: each page and each entry. */
export function FullCheck() {
  const { mutate, data, error, isPending } = useMutation({
    mutationFn: () => request<ShopCheck>('GET', '/shop/check', undefined, { patience: PATIENCE }),
  });
  return (
    <View style={styles.group}>
      <Words tone="soft">
        At each start the server checks its file quickly. A full check reads every page and every entry.
      </Words>
      <Button mode="outlined" loading={isPending} disabled={isPending} onPress={() => mutate()} style={styles.button}>
        {isPending ? 'Checking the file' : 'Check the whole file'}
      </Button>
      {error && (
        <View role="alert">
          <Words tone="bad">{`${error.message} Try again when it is back.`}</Words>
        </View>
      )}
      {data && <Found {...data} />}
    </View>
  );
}

function Found({ tables, entries, found, remedy }: ShopCheck) {
  if (found.length === 0) {
    return <Words kind="strong" live>{`Whole: ${entries} entries in ${tables} tables, all correct.`}</Words>;
  }
  return (
    <View role="alert" style={styles.group}>
      <Words kind="strong" tone="bad">
        {`${found.every(({ where }) => where === 'checksums') ? 'Entries of the file were changed outside Zero Point' : 'The file is damaged'}. ${remedy}`}
      </Words>
      {found.slice(0, TOLD).map(({ where, what }) => (
        <Words key={`${where} ${what}`} kind="note" tone="bad">
          {where === 'checksums' ? `${capital(what)}.` : `${where}: ${what}`}
        </Words>
      ))}
      {found.length > TOLD && <Words kind="note">{`and ${found.length - TOLD} more.`}</Words>}
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: 8 }, button: { alignSelf: 'flex-start' } });
