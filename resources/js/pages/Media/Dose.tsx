import { Box, chakra } from '@chakra-ui/react';
import { Link, router, usePage } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { MediaTabs } from '../../media/MediaTabs';
import { type Dosed, type Road } from '../../media/types';
import { Ahead } from '../../forecast/Ahead';
import { Frame } from '../../frame/Frame';
import { useUnits } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useDraft } from '../../lib/useDraft';
import { Button } from '../../parts/Button';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { FieldGrid } from '../../parts/FieldGroup';
import { TextField } from '../../parts/TextField';
import { useParameter } from '../../tide/parameters';
import { type TargetChoice } from '../../tide/types';

interface Props {
    frame: SystemFrame;
    media: [string, string][];
    places: [string, string][];
    now: number;
    asked: { medium: string; where: string };
    /** The parameter that binders take. */
    binds: string;
    /** What the field of its wanted level is called. */
    wanted: string;
    past: [number, string, number][];
    target: TargetChoice;
}

const UNITS = [
    ['g', 'g'],
    ['ml', 'mL'],
    ['cups', 'cups'],
    ['scoops', 'your scoops'],
    ['oz', 'oz'],
] as const;

export default function Dose({ frame, media, places, now, asked, binds, wanted, past, target }: Props) {
    const [dose, setDose] = useState({
        medium: asked.medium,
        where: asked.where,
        amount: '',
        unit: 'g',
        level: '0.05',
        days: '60',
        stay: '',
        topUp: false,
        sure: false,
        prepared: '',
        maker: '',
        because: '',
    });
    const [saving, setSaving] = useState(false);
    const { errors } = usePage().props;
    const { answer, current } = useDraft<{ view: Dosed | null; problems: Record<string, string> }>(
        `/systems/${frame.id}/media/dose/preview`,
        dose,
    );
    const named = useParameter();
    const { unit } = useUnits();
    const problems = answer?.ok === true ? answer.result.problems : {};
    // While a field cannot be read, what was answered last stays.
    const [view, setView] = useState<Dosed | null>(null);
    const heard = answer?.ok === true ? answer.result.view : null;
    if (heard !== null && heard !== view) {
        setView(heard);
    }
    const set = (change: Partial<typeof dose>) => setDose({ ...dose, ...change });
    const text = (key: 'amount' | 'level' | 'days' | 'stay', label: string, fieldUnit = '', help?: string) => (
        <TextField
            label={label}
            {...(fieldUnit !== '' && { unit: fieldUnit })}
            inputMode="decimal"
            value={dose[key]}
            help={help}
            error={problems[key] ?? (key === 'amount' ? errors['amount'] : undefined)}
            onText={(value) => set({ [key]: value })}
        />
    );
    const bound = named(binds);
    const doubts = dose.amount.trim() === '' ? [] : (view?.doubts ?? []);
    const isRefused = doubts.some(({ answer }) => answer === 'refuse');
    return (
        <Frame title="Dose a medium" area="Media" frame={frame}>
            <chakra.h1 srOnly>Dose a medium</chakra.h1>
            <MediaTabs systemId={frame.id} tab="Dose a medium" />
            <Box display="grid" gap="6" gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: '290px minmax(0, 1fr)' }}>
                <Box
                    as="form"
                    aria-label="The charge"
                    display="grid"
                    gap="3"
                    alignContent="start"
                    onSubmit={(event: SyntheticEvent) => {
                        event.preventDefault();
                        router.post(`/systems/${frame.id}/media`, dose, {
                            onStart: () => setSaving(true),
                            onFinish: () => setSaving(false),
                        });
                    }}
                >
                    <ChoiceField
                        label="Medium"
                        value={dose.medium}
                        options={media}
                        onPick={(medium) => set({ medium })}
                    />
                    <ChoiceField
                        label="Goes into"
                        value={dose.where}
                        options={places}
                        onPick={(where) => set({ where })}
                    />
                    <FieldGrid columns={2}>
                        {text('level', wanted, unit('concentration'))}
                        {text('days', 'For', 'days')}
                    </FieldGrid>
                    <FieldGrid columns={2}>
                        {text('amount', 'Amount')}
                        <ChoiceField label="In" value={dose.unit} options={UNITS} onPick={(to) => set({ unit: to })} />
                    </FieldGrid>
                    <CheckField
                        label="A top-up: what is in stays in"
                        checked={dose.topUp}
                        onCheck={(topUp) => set({ topUp })}
                    />
                    {text('stay', 'Out again after', 'days', 'Empty: until it is exhausted')}
                    <TextField
                        label="Made ready"
                        placeholder="rinsed 5 min, drained 20 min"
                        value={dose.prepared}
                        maxLength={200}
                        onText={(prepared) => set({ prepared })}
                    />
                    <TextField
                        label="The maker says"
                        value={dose.maker}
                        maxLength={200}
                        onText={(maker) => set({ maker })}
                    />
                    {isRefused ? (
                        <Doubts doubts={doubts} />
                    ) : (
                        <>
                            <Doubts doubts={doubts} />
                            {doubts.length > 0 && (
                                <CheckField
                                    label="I mean this amount"
                                    checked={dose.sure}
                                    onCheck={(sure) => set({ sure })}
                                />
                            )}
                            <TextField
                                label={doubts.length > 0 ? 'Reason' : 'Reason, where it differs from the maker'}
                                value={dose.because}
                                maxLength={200}
                                onText={(because) => set({ because })}
                            />
                        </>
                    )}
                    <Button
                        type="submit"
                        look="solid"
                        disabled={
                            saving ||
                            dose.amount.trim() === '' ||
                            isRefused ||
                            (doubts.length > 0 && (!dose.sure || dose.because.trim() === ''))
                        }
                    >
                        Log this charge
                    </Button>
                </Box>
                <Box as="section" aria-label="How much" aria-busy={!current}>
                    {view === null ? (
                        <p aria-live="polite">Calculating.</p>
                    ) : (
                        <>
                            <Roads
                                roads={view.roads}
                                isCurrent={current}
                                systemId={frame.id}
                                onTake={(amount) => set({ amount, unit: 'g' })}
                            />
                            {view.amounts !== null && (
                                <chakra.p mb="2">
                                    {view.amounts.map(([what, amount]) => `${what} ${amount}`).join(' · ')}
                                </chakra.p>
                            )}
                            <Box display="grid" gap="1" mb="3" maxWidth="46rem" fontSize="sm" aria-live="polite">
                                {view.fall !== null && <p>{view.fall}</p>}
                                {view.firstUse !== null && <chakra.p color="caution">{view.firstUse}</chakra.p>}
                                {view.company.map((sentence) => (
                                    <chakra.p key={sentence} color="caution">
                                        Caution: {sentence}
                                    </chakra.p>
                                ))}
                                <p>{view.contact}</p>
                                {view.caution !== null && <chakra.p color="caution">Caution: {view.caution}</chakra.p>}
                            </Box>
                            {view.series !== null && (
                                <Ahead
                                    parameter={bound}
                                    now={now}
                                    label="now"
                                    past={past.filter(([, key]) => key === binds).map(([t, , value]) => [t, value])}
                                    present={view.series.present[binds] ?? []}
                                    other={dose.amount.trim() === '' ? null : (view.series.other[binds] ?? [])}
                                    plan={undefined}
                                    target={target.bands.find(({ parameter }) => parameter === binds)}
                                />
                            )}
                            <chakra.h2 fontSize="md" mt="3">
                                Make it ready
                            </chakra.h2>
                            <chakra.ol pl="6" listStyleType="decimal" fontSize="sm" maxWidth="46rem">
                                {view.prepares.map((step) => (
                                    <li key={step}>{step}</li>
                                ))}
                            </chakra.ol>
                            <chakra.p fontSize="sm" color="quiet" mt="2">
                                Common practice. What the maker says goes before it.
                            </chakra.p>
                        </>
                    )}
                </Box>
            </Box>
        </Frame>
    );
}

/** What the guard has against the amount, right above what would log it. */
function Doubts({ doubts }: { doubts: Dosed['doubts'] }) {
    return (
        <Box aria-live="polite" display="grid" gap="2" fontSize="sm">
            {doubts.map(({ answer, sentence }) => (
                <chakra.p key={sentence} color={answer === 'refuse' ? 'fault' : 'caution'} fontWeight="600">
                    {answer === 'refuse' ? 'Not this: ' : 'Caution: '}
                    {sentence}
                </chakra.p>
            ))}
        </Box>
    );
}

/** The ways to an amount, side by side, each with what it assumes. */
function Roads({
    roads,
    isCurrent,
    systemId,
    onTake,
}: {
    roads: Road[];
    /** Whether they are worked out for what is chosen now. */
    isCurrent: boolean;
    systemId: number;
    onTake: (grams: string) => void;
}) {
    return (
        <Box
            display="grid"
            gap="0"
            mb="3"
            gridTemplateColumns={{ base: '1fr', lg: 'repeat(auto-fit, minmax(11rem, 1fr))' }}
        >
            {roads.map((road) => (
                <Box key={road.title} borderTopWidth="1.5px" pt="2" pr="4" pb="3">
                    <chakra.h2 fontSize="sm" color="quiet">
                        {road.title}
                    </chakra.h2>
                    <Box fontSize="xl" fontWeight="700">
                        {road.text ?? 'not known'}
                    </Box>
                    <chakra.p fontSize="sm" mb="1">
                        {road.assumes}{' '}
                        {road.assumption !== null && (
                            <Link href={`/systems/${systemId}/assumptions#${road.assumption}`}>what it rests on</Link>
                        )}
                    </chakra.p>
                    {road.steps.length > 0 && (
                        <chakra.ul fontSize="sm" mb="1" pl="4" listStyleType="disc">
                            {road.steps.map((step) => (
                                <li key={step}>{step}</li>
                            ))}
                        </chakra.ul>
                    )}
                    {road.doubt !== null && (
                        <chakra.p fontSize="sm" mb="1" color={road.doubt.answer === 'refuse' ? 'fault' : 'caution'}>
                            {road.doubt.answer === 'refuse' ? 'Not at once: ' : 'Caution: '}
                            {road.doubt.sentence}
                        </chakra.p>
                    )}
                    {road.grams !== null && road.grams > 0 && road.doubt?.answer !== 'refuse' && (
                        <Button
                            aria-label={`Take it: ${road.title}`}
                            disabled={!isCurrent}
                            onClick={() => onTake(String(Number((road.grams ?? 0).toPrecision(3))))}
                        >
                            Take it
                        </Button>
                    )}
                </Box>
            ))}
        </Box>
    );
}
