import { ChoiceField } from '../../parts/ChoiceField';
import { type Choices, type TypedBaffle } from '../types';
import { type Problems, figureField } from './figureField';
import { PartGrid } from './PartGrid';

/** One baffle: its kind, place and size. */
export function BaffleFields({
    baffle,
    choices,
    proposals,
    problems,
    onChange,
}: {
    baffle: TypedBaffle;
    choices: Choices;
    proposals: Record<string, TypedBaffle[]>;
    problems: Problems;
    onChange: (change: Partial<TypedBaffle>) => void;
}) {
    const { unit: mm } = choices.length;
    const one = (key: keyof TypedBaffle, label: string, suffix?: string) =>
        figureField(baffle, key, label, suffix, `baffle.${baffle.id}.${key}`, problems, (text) =>
            onChange({ [key]: text }),
        );
    return (
        <PartGrid>
            <ChoiceField
                label="Baffle"
                value={baffle.kind}
                options={choices.kinds.map(([key, label]) => [key, label] as const)}
                onPick={(kind) =>
                    // What the new kind has and the old had not begins as proposed.
                    onChange({ ...proposals[kind]?.[0], ...baffle, kind })
                }
            />
            {one('atMm', 'From the inlet', mm)}
            {one('topMm', baffle.kind === 'comb' ? 'Water goes over at' : 'Top', mm)}
            {one('thicknessMm', 'Thickness', mm)}
            {baffle.kind === 'under'
                ? one('gapMm', 'Gap under it', mm)
                : baffle.kind === 'comb'
                  ? one('openShare', 'Open share')
                  : null}
        </PartGrid>
    );
}
