import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';
import { type Choices, type TypedPlaced } from '../types';
import { type Problems, chamberOptions, figureField } from './figureField';
import { PartRow } from './PartRow';

/** One device: where it stands, its box and the water its maker asks for. */
export function PlacedFields({
    placed,
    chambers,
    choices,
    problems,
    onChange,
    onRemove,
}: {
    placed: TypedPlaced;
    chambers: number;
    choices: Choices;
    problems: Problems;
    onChange: (change: Partial<TypedPlaced>) => void;
    onRemove: () => void;
}) {
    const one = (key: keyof TypedPlaced, label: string) =>
        figureField(placed, key, label, choices.length.unit, `placed.${placed.id}.${key}`, problems, (text) =>
            onChange({ [key]: text }),
        );
    return (
        <PartRow columns="repeat(5, 1fr)">
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
            {placed.kind === 'heater' ? <span /> : one('depthHighMm', 'Depth its maker asks, to')}
            <Button look="plain" mt={{ lg: '24px' }} onClick={onRemove} aria-label={`Remove ${placed.name}`}>
                Remove
            </Button>
        </PartRow>
    );
}
