import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';
import { type Choices, type TypedPlaced } from '../types';
import { type Problems, chamberOptions, figureField } from './figureField';
import { PartGrid } from './PartGrid';

/** One device: where it stands, its box and the water its maker asks for. */
export function PlacedFields({
    placed,
    chambers,
    choices,
    problems,
    onChange,
}: {
    placed: TypedPlaced;
    chambers: number;
    choices: Choices;
    problems: Problems;
    onChange: (change: Partial<TypedPlaced>) => void;
}) {
    const one = (key: keyof TypedPlaced, label: string) =>
        figureField(placed, key, label, choices.length.unit, `placed.${placed.id}.${key}`, problems, (text) =>
            onChange({ [key]: text }),
        );
    return (
        <PartGrid>
            <TextField label="Device" value={placed.name} onText={(name) => onChange({ name })} maxLength={80} />
            <ChoiceField
                label="Stands in"
                value={placed.chamber}
                options={chamberOptions(chambers)}
                onPick={(chamber) => onChange({ chamber: Number(chamber) })}
            />
            {one('lengthMm', 'Length')}
            {one('widthMm', 'Width')}
            {one('heightMm', 'Height')}
            {one('standMm', 'Stand under it')}
            {one('depthLowMm', placed.kind === 'heater' ? 'Minimum line over its foot' : 'Depth its maker asks, from')}
            {placed.kind === 'heater' ? null : one('depthHighMm', 'Depth its maker asks, to')}
        </PartGrid>
    );
}
