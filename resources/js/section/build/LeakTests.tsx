import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';
import { PartRow } from '../fields/PartRow';
import { type BuildChoices, type TypedLeakTest } from './types';

/** Leak tests with day, level and what they showed. */
export function LeakTests({
    tests,
    choices,
    problems,
    onChange,
}: {
    tests: TypedLeakTest[];
    choices: BuildChoices;
    problems: Record<string, string>;
    onChange: (tests: TypedLeakTest[]) => void;
}) {
    return (
        <>
            {tests.map((test, i) => {
                const set = (changed: Partial<TypedLeakTest>) =>
                    onChange(tests.map((other, j) => (j === i ? { ...other, ...changed } : other)));
                return (
                    <PartRow key={i} columns="1fr 1fr 1fr 1.6fr auto">
                        <TextField
                            label="Day"
                            type="date"
                            value={test.day}
                            max={choices.today}
                            onText={(day) => set({ day })}
                            error={problems[`leakTests.${i}.day`]}
                        />
                        <TextField
                            label="Filled to"
                            unit={choices.unit}
                            inputMode="decimal"
                            value={test.levelMm}
                            onText={(levelMm) => set({ levelMm })}
                            error={problems[`leakTests.${i}.levelMm`]}
                            maxLength={40}
                        />
                        <ChoiceField
                            label="It showed"
                            value={test.result}
                            options={choices.results}
                            onPick={(result) => set({ result })}
                        />
                        <TextField
                            label="Note"
                            value={test.note ?? ''}
                            onText={(note) => set({ note })}
                            maxLength={80}
                        />
                        <Button
                            look="plain"
                            mt={{ lg: '24px' }}
                            aria-label={`Remove leak test ${i + 1}`}
                            onClick={() => onChange(tests.filter((_, j) => j !== i))}
                        >
                            Remove
                        </Button>
                    </PartRow>
                );
            })}
            <Button
                mt="2"
                _print={{ display: 'none' }}
                onClick={() =>
                    onChange([...tests, { day: choices.today, levelMm: choices.brim, result: 'dry', note: '' }])
                }
            >
                Add a leak test
            </Button>
        </>
    );
}
