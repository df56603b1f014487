import { ticketNumber } from '@obrik/core/ticket';
import {
  damagesTable,
  fittingsTable,
  sharePage,
  stepsTable,
  type DataTable,
} from '@obrik/core/exchange';
import { DAMAGES } from '@obrik/core/catalog';
import type { PieceLedger } from '@obrik/core/ledger';
import { PIECE_FILE_VERSION, type Piece } from '@obrik/core/piece';
import { routeCard, ticketFor } from '@obrik/core/route';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { shopNow } from '@/device';
import { useCase } from '@/api/useCase';
import { marksOf } from '@/features/shared/marks';
import { photoHere } from '@/record';
import { Body, Card, Heading, Label, PlainButton, Screen, Small, Columns } from '@/ui/controls';
import { UnfoldedPiece } from '@/ui/drawings';
import { asCsv, fileName, saveFile } from './save';

const NONE: ReadonlySet<string> = new Set();

const asAddress = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(typeof reader.result === 'string' ? reader.result : '');
    reader.onerror = () => reject(new Error('The photo can’t be read.'));
    reader.readAsDataURL(blob);
  });

/** The photos of a piece with their bytes; one that can't be had is left out. */
const photosOf = async (piece: Piece) => {
  const photos = await Promise.all(
    piece.findings.map(async ({ photoId, damage }) => {
      if (photoId === null) return [];
      const here = await photoHere(photoId);
      const blob = here
        ? new Blob([here.bytes], { type: here.type })
        : await fetch(`/api/photos/${photoId}`)
            .then((it) => (it.ok ? it.blob() : undefined))
            .catch(() => undefined);
      return blob ? [{ label: DAMAGES.get(damage).label, address: await asAddress(blob) }] : [];
    }),
  );
  return photos.flat();
};

/** Everything about a piece as files that other programs, other shops and clients can read. */
export const FilesScreen = ({ record }: { readonly record: PieceLedger }) => {
  const { piece, number, revision } = record;
  const it = useCase(piece);
  const drawing = useRef<View>(null);
  const [busy, setBusy] = useState(false);
  const ticket = ticketNumber(number);
  const nameOf = (end: string) => fileName(ticket, piece.name, end);
  const svg = (): string => {
    const node = (drawing.current as unknown as HTMLElement | null)?.querySelector('svg');
    return node
      ? new XMLSerializer().serializeToString(node).replace('<svg ', '<svg role="img" ')
      : '';
  };
  const csv = (table: DataTable) =>
    void saveFile(nameOf(`-${table.name}.csv`), asCsv(table), 'text/csv');
  const share = async () => {
    setBusy(true);
    const page = sharePage({
      title: piece.name,
      drawing: svg(),
      tables: [damagesTable(piece), fittingsTable(piece)],
      paper: routeCard(piece, it.route, ticketFor({ number, revision }, it.shop, shopNow())),
      photos: await photosOf(piece),
    });
    await saveFile(nameOf('.html'), page, 'text/html');
    setBusy(false);
  };
  const pieceFile = () =>
    void saveFile(
      nameOf('.obrik.json'),
      JSON.stringify(
        { format: 'obrik-piece', version: PIECE_FILE_VERSION, piece, shop: it.shop },
        null,
        2,
      ),
      'application/json',
    );
  return (
    <Screen>
      <Heading>Files</Heading>
      <Columns>
        <Card style={{ gap: 12 }}>
          <Label heading>For a client</Label>
          <Body>
            One page with drawing, damages, route and photos. It opens anywhere, without Obrik and
            without a connection.
          </Body>
          <PlainButton
            title={busy ? 'Putting it together …' : 'Share a page'}
            disabled={busy}
            onPress={() => void share()}
          />
        </Card>
        <Card style={{ gap: 12 }}>
          <Label heading>For another Obrik</Label>
          <Body>
            All that is known and wanted of the piece, without photos. Open it from Pieces.
          </Body>
          <PlainButton title="Save the piece as a file" onPress={pieceFile} />
        </Card>
        <Card style={{ gap: 12 }}>
          <Label heading>For a spreadsheet</Label>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            <PlainButton title="Steps" onPress={() => csv(stepsTable(piece, it.route))} />
            <PlainButton title="Damages" onPress={() => csv(damagesTable(piece))} />
            <PlainButton title="Fittings" onPress={() => csv(fittingsTable(piece))} />
          </View>
          <Small>CSV in UTF-8; lengths in mm, times in minutes.</Small>
        </Card>
        <Card style={{ gap: 12 }}>
          <Label heading>The drawing</Label>
          <View ref={drawing}>
            <UnfoldedPiece
              piece={piece}
              marks={marksOf(piece, it.beliefs)}
              selected={NONE}
              onSelect={() => {}}
              facesOnly
            />
          </View>
          <PlainButton
            title="Save the drawing"
            onPress={() => void saveFile(nameOf('.svg'), svg(), 'image/svg+xml')}
          />
        </Card>
      </Columns>
    </Screen>
  );
};
