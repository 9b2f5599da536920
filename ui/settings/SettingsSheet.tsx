'use client';
import { useRouter } from 'next/navigation';
import { useEffect, type ComponentProps } from 'react';
import { MONEY_BOUNDS } from '@/core/settings/moneyBounds';
import type { Settings } from '@/core/settings/settings';
import type { UnitSystem } from '@/core/units/quantity';
import { HOUR } from '@/core/units/time';
import type { Stored } from '@/store/documentTable';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { wordsFor } from '../fields/wordsFor';
import { useWords } from '../fields/UnitsProvider';
import { FIELD_KEYS } from '../fields/fieldKeys';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { PageLayout } from '../frame/PageLayout';
import { mainLinks } from '../frame/mainLinks';
import { TabRow } from '../frame/TabRow';
import { SaveStatus } from '../frame/SaveStatus';
import { SchoolsForm } from '../schools/SchoolsForm';
import { useAutosave } from '../state/useAutosave';
import { DataPart } from './DataPart';
import { ForecastScores, type NamedFilter } from './ForecastScores';
import { NoticesPart } from './NoticesPart';
import { PhonesPart } from './PhonesPart';
import styles from './SettingsSheet.module.css';

const UNIT_CHOICES: readonly { value: UnitSystem; label: string }[] = [
  { value: 'metric', label: 'metric: cm, L, kg, °C' },
  { value: 'us', label: 'US: in, US gal, lb, °F' },
  { value: 'imperial', label: 'imperial: in, imp gal, lb, °C' },
];

const BROWSER = 'browser';
const LOCALES: readonly { value: string; label: string }[] = [
  { value: BROWSER, label: 'same as the browser' },
  { value: 'en-GB', label: '1,234.5 · 25 November' },
  { value: 'en-US', label: '1,234.5 · November 25' },
  { value: 'de-DE', label: '1.234,5 · 25. November' },
  { value: 'fr-FR', label: '1 234,5 · 25 novembre' },
];

/** Currencies that are offered first; any other that is stored stays. */
const CURRENCIES = [
  'EUR',
  'GBP',
  'USD',
  'CHF',
  'SEK',
  'NOK',
  'DKK',
  'PLN',
  'CZK',
  'CAD',
  'AUD',
  'NZD',
  'JPY',
  'INR',
];

function currencyChoices(chosen: string, locale: string): { value: string; label: string }[] {
  const names = new Intl.DisplayNames([locale], { type: 'currency' });
  return [...new Set([...CURRENCIES, chosen])].map((value) => ({
    value,
    label: `${value}, ${names.of(value) ?? value}`,
  }));
}

/** A litre flow, a length and a weight: what the examples show in every family of units. */
const EXAMPLES = [
  { kind: 'length', si: 0.045 },
  { kind: 'volume', si: 0.1 },
  { kind: 'flow', si: 0.6 / HOUR },
  { kind: 'mass', si: 1.5 },
  { kind: 'temperature', si: 25 },
] as const;

interface Props {
  readonly settings: Stored<Settings>;
  readonly filters: readonly NamedFilter[];
  readonly phones: ComponentProps<typeof PhonesPart>;
}

/** What is the same for every filter: units and the habits of a language. Stored values are never touched by it. */
export function SettingsSheet({ settings, filters, phones }: Props) {
  const save = useAutosave('settings', settings);
  const router = useRouter();
  const { locale } = useWords();
  const chosen = save.doc;
  const examples = wordsFor({
    system: chosen.units,
    locale: chosen.locale ?? locale,
    currency: chosen.currency,
  });
  const saved = save.state.kind === 'saved' ? save.state.at : null;
  // The units come from the server with every page; once they are stored, this page asks for them anew.
  useEffect(() => {
    if (saved !== null && saved !== settings.updatedAt) router.refresh();
  }, [router, saved, settings.updatedAt]);

  return (
    <PageLayout
      title="Settings"
      subtitle="for every filter"
      nav={<TabRow label="Main" links={mainLinks('/settings')} />}
      shortcuts={FIELD_KEYS}
      status={<SaveStatus saves={[save]} />}
    >
      <div className={styles.sheet}>
        <ChoiceField<UnitSystem>
          label="Units"
          value={chosen.units}
          choices={UNIT_CHOICES}
          onChange={(units) => save.change((doc) => ({ ...doc, units }))}
        />
        <ChoiceField
          label="Numbers and dates"
          value={chosen.locale ?? BROWSER}
          choices={LOCALES}
          onChange={(value) => save.change((doc) => ({ ...doc, locale: value === BROWSER ? null : value }))}
        />
        <ChoiceField
          label="Currency"
          value={chosen.currency}
          choices={currencyChoices(chosen.currency, locale)}
          onChange={(currency) => save.change((doc) => ({ ...doc, currency }))}
        />
        <QuantityField
          label="Price of a kilowatt-hour"
          bounds={MONEY_BOUNDS.electricity}
          value={chosen.electricityPrice}
          digits={2}
          optional
          onChange={(electricityPrice) => save.change((doc) => ({ ...doc, electricityPrice }))}
        />
        <dl className={styles.examples} aria-label="Example">
          {EXAMPLES.map((quantity) => (
            <div key={quantity.kind}>
              <dt className="caption">{quantity.kind}</dt>
              <dd className="figure">{examples.show(quantity)}</dd>
            </div>
          ))}
        </dl>
        <p className="quiet">
          Prices are never converted. Changing units changes only what you see, not your data. In any field
          you can type a different unit after the number.
        </p>
      </div>
      <div className={styles.schools}>
        <h2 className="title">Where keepers disagree</h2>
        <p className="quiet">The findings follow your choice and say so.</p>
        <SchoolsForm
          schools={chosen.schools}
          onChange={(schools) => save.change((doc) => ({ ...doc, schools }))}
        />
      </div>
      <div className={styles.forecasts}>
        <CollapsibleSection
          title="How good are the forecasts?"
          says="what was predicted of the last packs of all filters, and what happened"
        >
          <ForecastScores filters={filters} />
        </CollapsibleSection>
      </div>
      <DataPart />
      <NoticesPart />
      <PhonesPart {...phones} />
    </PageLayout>
  );
}
