import { inspectionTest, type InspectionTest } from '@obrik/core/catalog';
import type { LeadStatus } from '@obrik/core/inspect';
import { LOOK_WORDS } from '@obrik/core/words';
import { useTimes } from '@/features/shared/useTimes';
import { Body, Caution, Statement } from '@/ui/controls';
import type { Tone } from '@/ui/theme';

interface LeadPanelProps {
  readonly status: LeadStatus;
  readonly renderTest: (test: InspectionTest) => React.ReactNode;
  /** Stands before the tests. */
  readonly children: React.ReactNode;
}

const TAGS: Readonly<Record<LeadStatus['kind'], { readonly text: string; readonly tone: Tone }>> = {
  notAsked: { text: 'not asked', tone: 'plain' },
  open: { text: '? open', tone: 'vermilion' },
  found: { text: '! found', tone: 'vermilion' },
  notFound: { text: '✓ recorded', tone: 'moss' },
};

/** Presumed on what is painted alike, until a sample of its own shows otherwise. */
const tagOf = (it: LeadStatus) =>
  it.kind === 'found' && it.presumedFrom !== null
    ? ({ text: '! presumed', tone: 'vermilion' } as const)
    : TAGS[it.kind];

const LEAD_TEST_IDS = [
  'layer-count',
  'lead-swab',
  'lead-laboratory-all',
  'lead-laboratory',
  'lead-xrf',
];

/** The lead question: what was tested down to which layer, never whether it is safe. */
export const LeadPanel = ({ status, renderTest, children }: LeadPanelProps) => {
  const times = useTimes();
  return (
    <Statement title="Lead" statement={status.text} tag={tagOf(status)}>
      {status.kind === 'found' ? (
        <Caution
          text="Treat every layer as lead: no dry sanding, no dry scraping, no heat, no flame."
          lastWord="Follow local code and licensed practice."
        />
      ) : (
        <Caution
          text="Until each layer has a result: no dry sanding, no dry scraping, no heat, no flame."
          lastWord="A laboratory’s chip analysis decides. Follow local code."
        />
      )}
      {status.results.map((it) => (
        <Body key={`${it.layer}/${it.by}`}>
          {LOOK_WORDS.lead.result(it.layer, it.found, it.by, it.ppm, it.who)},{' '}
          {times.clock.day(new Date(it.at))}
        </Body>
      ))}
      {children}
      {LEAD_TEST_IDS.flatMap((id) => inspectionTest(id) ?? []).map(renderTest)}
    </Statement>
  );
};
