import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { useUnits } from '../../lib/figures';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { PartGrid } from './PartGrid';
import { type Choices, type PipeKey, type TypedPlumbing } from '../types';
import { type Problems, figureField } from './figureField';

type Figure = [keyof TypedPlumbing, string, string?];

/** The pipes with fittings of their own. */
const PIPES: Record<string, [PipeKey, string]> = {
    '#return': ['fittings', 'return pipe'],
    '#drain': ['drainFittings', 'drain'],
    '#emergency': ['emergencyFittings', 'emergency pipe'],
};

function Folded({ title, open = false, children }: { title: string; open?: boolean; children: ReactNode }) {
    return (
        <chakra.details mt="3" open={open}>
            <chakra.summary cursor="pointer" fontSize="sm" fontWeight="600" mb="1">
                {title}
            </chakra.summary>
            {children}
        </chakra.details>
    );
}

/** How many of each fitting a pipe has, with what each costs. */
export function FittingFields({
    name,
    at,
    counts,
    choices,
    problems,
    onChange,
}: {
    name: string;
    /** Where its problems stand. */
    at: string;
    counts: Record<string, string>;
    choices: Choices;
    problems: Problems;
    onChange: (counts: Record<string, string>) => void;
}) {
    return (
        <Folded title={`Fittings of the ${name}, how many of each`} open={Object.keys(counts).length > 0}>
            <PartGrid>
                {choices.fittings.map(([key, label, loss]) =>
                    figureField(counts, key, `${label} (${loss})`, undefined, `${at}.${key}`, problems, (text) =>
                        onChange({ ...counts, [key]: text }),
                    ),
                )}
            </PartGrid>
            <Box fontSize="sm" color="quiet" mt="2">
                In brackets, what each costs in velocity heads: handbook values from memory, estimates. A gate valve
                that is partly closed costs{' '}
                {choices.throttled.map(([open, loss]) => `${loss} at ${Math.round(100 * open)} % open`).join(', ')}.
            </Box>
        </Folded>
    );
}

/** One part of the plumbing: the pump, a pipe with its fittings, the overflow, or how they are joined. */
export function PlumbingFields({
    part,
    plumbing,
    choices,
    problems,
    onChange,
}: {
    part: string;
    plumbing: TypedPlumbing;
    choices: Choices;
    problems: Problems;
    onChange: (change: Partial<TypedPlumbing>) => void;
}) {
    const { unit } = useUnits();
    const { unit: mm } = choices.length;
    const figures: Record<string, Figure[]> = {
        '#pump': [
            ['pumpLitresPerHour', 'Pump, most flow', unit('flow')],
            ['pumpHeadMetres', 'Pump, most height', unit('head')],
            ['pumpWatts', 'Pump, power', 'W'],
        ],
        '#return': [
            ['liftMm', 'Lift to the outlet', mm],
            ['boreMm', 'Return pipe, bore', mm],
            ['lengthMm', 'Return pipe, length', mm],
            ['valveOpen', 'Return gate valve, open share'],
        ],
        '#overflow': [
            ['overflowMm', 'Overflow, edge', mm],
            ['overflowOpenShare', 'Overflow comb, open share'],
        ],
        '#drain': [
            ['drainBoreMm', 'Drain, bore', mm],
            ['drainFallMm', 'Drain, fall', mm],
            ['drainLengthMm', 'Drain, length', mm],
            ['drainValveOpen', 'Drain gate valve, open share'],
        ],
        '#emergency': [
            ['emergencyBoreMm', 'Emergency pipe, bore', mm],
            ['emergencyFallMm', 'Emergency pipe, fall', mm],
            ['emergencyLengthMm', 'Emergency pipe, length', mm],
        ],
    };
    const { curve } = plumbing;
    const pipe = PIPES[part];
    if (part === '#joints') {
        return (
            <PartGrid>
                {choices.joints.map(([part, label]) => (
                    <ChoiceField
                        key={part}
                        label={label}
                        value={plumbing.systems[part] ?? ''}
                        options={[
                            ['', 'as the path says'],
                            ['metric', 'metric'],
                            ['inch', 'inch'],
                        ]}
                        onPick={(system) => onChange({ systems: { ...plumbing.systems, [part]: system } })}
                    />
                ))}
            </PartGrid>
        );
    }
    return (
        <>
            <PartGrid>
                {(figures[part] ?? []).map(([key, label, suffix]) =>
                    figureField(plumbing, key, label, suffix, `plumbing.${key}`, problems, (text) =>
                        onChange({ [key]: text }),
                    ),
                )}
            </PartGrid>
            {part === '#pump' && (
                <Folded
                    title={`Pump curve by points${curve.length > 0 ? `, ${curve.length}` : ''}`}
                    open={curve.length > 0 || problems['plumbing.curve'] !== undefined}
                >
                    <Box fontSize="sm" color="quiet" mb="2">
                        Points read from the maker’s curve go before the two figures on the label.
                    </Box>
                    {curve.map((point, i) => {
                        const set = (key: keyof typeof point) => (text: string) =>
                            onChange({ curve: curve.map((other, j) => (j === i ? { ...other, [key]: text } : other)) });
                        return (
                            <Box key={i} display="flex" gap="3" mb="2" alignItems="end" flexWrap="wrap">
                                <Box width="130px">
                                    {figureField(
                                        point,
                                        'litresPerHour',
                                        `Point ${i + 1}, flow`,
                                        unit('flow'),
                                        `plumbing.curve.${i}.litresPerHour`,
                                        problems,
                                        set('litresPerHour'),
                                    )}
                                </Box>
                                <Box width="110px">
                                    {figureField(
                                        point,
                                        'headMetres',
                                        `Point ${i + 1}, height`,
                                        unit('head'),
                                        `plumbing.curve.${i}.headMetres`,
                                        problems,
                                        set('headMetres'),
                                    )}
                                </Box>
                                <Button
                                    look="plain"
                                    aria-label={`Remove point ${i + 1}`}
                                    onClick={() => onChange({ curve: curve.filter((_, j) => j !== i) })}
                                >
                                    Remove
                                </Button>
                            </Box>
                        );
                    })}
                    {problems['plumbing.curve'] !== undefined && (
                        <Box color="fault" fontSize="sm" role="alert" mb="2">
                            {problems['plumbing.curve']}
                        </Box>
                    )}
                    <Button onClick={() => onChange({ curve: [...curve, { litresPerHour: '', headMetres: '' }] })}>
                        Add a point
                    </Button>
                </Folded>
            )}
            {pipe !== undefined && (
                <FittingFields
                    name={pipe[1]}
                    at={`plumbing.${pipe[0]}`}
                    counts={plumbing[pipe[0]]}
                    choices={choices}
                    problems={problems}
                    onChange={(counts) => onChange({ [pipe[0]]: counts })}
                />
            )}
        </>
    );
}
