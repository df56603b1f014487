import { read, shop as shopSchema, type Shop } from '@obrik/core/piece';
import { useForm } from 'react-hook-form';
import { useShopQuery } from '@/api/api';
import { failureOf } from '@/api/failure';
import { useChanges } from '@/api/usePiece';
import { lightChosen, usePreferences } from '@/state/preferences';
import { useAppDispatch } from '@/state/store';
import {
  Card,
  Columns,
  Failure,
  Heading,
  Label,
  Loading,
  MainButton,
  Options,
  Screen,
  Small,
} from '@/ui/controls';
import { Field } from '@/ui/forms';
import { useFormDraft } from '@/features/shared/useFormDraft';
import { ShopTabs } from '@/features/shop/ShopTabs';
import { AirInShop } from './AirInShop';
import { Backup } from './Backup';
import { BusyCard } from './BusyCard';
import { PairedDevices } from './PairedDevices';
import { PeopleCard } from './PeopleCard';
import { PaceCard } from './PaceCard';
import { Person } from './Person';
import { SchoolsCard } from './SchoolsCard';
import { SpacesCard } from './SpacesCard';
import { ToolsCard } from './ToolsCard';

interface YearForm {
  leadCutoffYear: string;
}

/** The year before which paint is suspect; checked by the schema of core. */
const LeadYear = ({
  shop,
  onStore,
}: {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}) => {
  const form = useForm<YearForm>({
    defaultValues: { leadCutoffYear: String(shop.leadCutoffYear) },
  });
  const { control, handleSubmit, setError } = form;
  const forget = useFormDraft(form, 'leadYear');
  const submit = handleSubmit(({ leadCutoffYear }) => {
    const typed = leadCutoffYear.trim() === '' ? NaN : Number(leadCutoffYear);
    const result = read(shopSchema, { ...shop, leadCutoffYear: typed });
    if (result.ok) {
      forget();
      return onStore(result.value);
    }
    const [problem] = result.problems;
    setError('leadCutoffYear', {
      message: Number.isNaN(typed)
        ? 'Give a year, such as 1978.'
        : (problem?.message ?? 'Give a year.'),
    });
  });
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Lead</Label>
      <Field
        control={control}
        name="leadCutoffYear"
        label="Treat paint as suspect before"
        number
        hint="1978 in the United States (16 CFR 1303). Other countries stopped at other dates; your local rules decide."
      />
      <MainButton title="Save the year" onPress={() => void submit()} />
    </Card>
  );
};

/** The settings that were changed: the others may be changed elsewhere meanwhile. */
const changedSettings = (before: Shop, now: Shop): Partial<Shop> =>
  Object.fromEntries(
    (Object.keys(now) as (keyof Shop)[])
      .filter((it) => JSON.stringify(before[it]) !== JSON.stringify(now[it]))
      .map((it) => [it, now[it]]),
  );

/** Units, the lead year, light or dark. */
export const SettingsScreen = () => {
  const dispatch = useAppDispatch();
  const { data, error, isLoading, refetch } = useShopQuery();
  const shop = data?.shop;
  const put = useChanges();
  const { light } = usePreferences();
  const store = async (next: Shop) => {
    const settings = shop ? changedSettings(shop, next) : {};
    if (Object.keys(settings).length === 0) return;
    await put(null, [{ kind: 'shopSet', settings }], 'Stored.');
  };
  return (
    <Screen>
      <ShopTabs />
      <Heading>Settings</Heading>
      {isLoading ? <Loading what="the settings" /> : null}
      {error && !shop ? (
        <Failure text={failureOf(error).text} onRetry={() => void refetch()} />
      ) : null}
      <Columns>
        {shop ? (
          <Card style={{ gap: 12 }}>
            <Label heading>Units</Label>
            <Options
              label="Units"
              options={[
                { value: 'metric', title: 'Metric: mm, m²' },
                { value: 'us', title: 'US: inches, ft²' },
              ]}
              chosen={shop.units}
              onChoose={(units) => void store({ ...shop, units })}
            />
          </Card>
        ) : null}
        {shop ? (
          <LeadYear key={shop.leadCutoffYear} shop={shop} onStore={(next) => void store(next)} />
        ) : null}
        {shop ? <SchoolsCard shop={shop} onStore={(next) => void store(next)} /> : null}
        {shop ? <ToolsCard shop={shop} onStore={(next) => void store(next)} /> : null}
        {shop ? (
          <AirInShop key={shop.units} shop={shop} onStore={(next) => void store(next)} />
        ) : null}
        {shop ? <SpacesCard shop={shop} onStore={(next) => void store(next)} /> : null}
        {shop ? <PeopleCard shop={shop} onStore={(next) => void store(next)} /> : null}
        {shop ? <BusyCard shop={shop} onStore={(next) => void store(next)} /> : null}
        <PaceCard />
        <Person />
        <Backup />
        <PairedDevices />
        <Card style={{ gap: 12 }}>
          <Label heading>Light or dark</Label>
          <Options
            label="Light or dark"
            options={[
              { value: 'device', title: 'As the device' },
              { value: 'light', title: 'Light' },
              { value: 'dark', title: 'Dark' },
            ]}
            chosen={light}
            onChoose={(it) => dispatch(lightChosen(it))}
          />
        </Card>
      </Columns>
      <Small>
        Obrik plans and records; it never declares anything safe. Product label and safety data
        sheet win over anything it says, local code and licensed practice win over both.
      </Small>
    </Screen>
  );
};
