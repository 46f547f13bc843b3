import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';

export interface Sheet {
    tank: string;
    name: string;
    from: string;
    to: string;
    food: string;
    call: string;
    notes: string;
    days: {
        day: string;
        isToday: boolean;
        tasks: { key: string; label: string; says: string; isDone: boolean }[];
    }[];
    not: string[];
    signs: [string, string][];
    powerCut: string[];
}

/** The sheet of a sitter, to read on a phone or to print; today's tasks can be ticked where that is offered. */
export function SheetView({ sheet, tick }: { sheet: Sheet; tick?: (key: string) => ReactNode }) {
    return (
        <Box display="grid" gap="4" maxWidth="44rem">
            <p>
                <strong>{sheet.name}</strong>, {sheet.from} to {sheet.to}. <strong>Call: {sheet.call}</strong>
            </p>
            {sheet.food !== '' && (
                <p>
                    <strong>Food:</strong> {sheet.food}
                </p>
            )}
            {sheet.notes !== '' && <p>{sheet.notes}</p>}
            <Part title="Each day">
                <chakra.ul listStyleType="none">
                    {sheet.days.map(({ day, isToday, tasks }) => (
                        <Box as="li" key={day} py="1" borderBottomWidth="1px" breakInside="avoid">
                            <strong>{isToday ? `Today, ${day}` : day}</strong>
                            {tasks.length === 0 && ': nothing but food'}
                            {tasks.map((task) => (
                                <Box key={task.key} display="flex" gap="3" alignItems="flex-start" pt="1">
                                    {isToday && !task.isDone ? tick?.(task.key) : null}
                                    <Box>
                                        <Box fontWeight="600">
                                            {task.label}
                                            {task.isDone && ', done'}
                                        </Box>
                                        <Box fontSize="sm">{task.says}</Box>
                                    </Box>
                                </Box>
                            ))}
                        </Box>
                    ))}
                </chakra.ul>
            </Part>
            <Part title="Do not">
                <List lines={sheet.not} />
            </Part>
            <Part title="What you may see or hear">
                <chakra.dl>
                    {sheet.signs.map(([sign, does]) => (
                        <Box key={sign} breakInside="avoid">
                            <chakra.dt fontWeight="600">{sign}</chakra.dt>
                            <chakra.dd ms="4">{does}</chakra.dd>
                        </Box>
                    ))}
                </chakra.dl>
            </Part>
            <Part title="If the power fails">
                <List lines={sheet.powerCut} />
            </Part>
        </Box>
    );
}

function List({ lines }: { lines: string[] }) {
    return (
        <chakra.ul ps="5" listStyleType="disc">
            {lines.map((line) => (
                <li key={line}>{line}</li>
            ))}
        </chakra.ul>
    );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <chakra.section>
            <chakra.h2 fontSize="md" mb="1">
                {title}
            </chakra.h2>
            {children}
        </chakra.section>
    );
}
