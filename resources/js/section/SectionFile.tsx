import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { postJson } from '../lib/postJson';
import { type TypedSection } from './types';

/** The saved sump as a file, and one opened into the form; only saving makes it this tank's. */
export function SectionFile({
    systemId,
    ready,
    onOpen,
}: {
    systemId: number;
    ready: boolean;
    onOpen: (typed: TypedSection) => void;
}) {
    const [problem, setProblem] = useState<string | null>(null);
    const open = async (file: File | undefined) => {
        if (file === undefined) {
            return;
        }
        try {
            const answer = await postJson<{ typed: TypedSection }>(
                `/systems/${systemId}/section/open`,
                { file: await file.text() },
                new AbortController().signal,
            );
            setProblem(answer.ok ? null : Object.values(answer.errors).join(' '));
            if (answer.ok) {
                onOpen(answer.result.typed);
            }
        } catch {
            setProblem('The server cannot be reached; nothing is changed.');
        }
    };
    return (
        <Box fontSize="sm" display="grid" gap="2" justifyItems="start">
            {ready ? (
                <a href={`/systems/${systemId}/section/sump.json`}>Take this sump along as JSON</a>
            ) : (
                'Save the sump to take it along as a file.'
            )}
            <div>
                <chakra.label htmlFor="sump-file" fontWeight="600">
                    Open a sump from a file
                </chakra.label>
                <chakra.input
                    id="sump-file"
                    type="file"
                    accept=".json,application/json"
                    display="block"
                    mt="1"
                    minH={{ base: '44px', md: '32px' }}
                    maxW="100%"
                    onChange={(event) => {
                        void open(event.target.files?.[0]);
                        event.target.value = '';
                    }}
                />
            </div>
            {problem !== null && (
                <Box color="fault" role="alert">
                    {problem}
                </Box>
            )}
        </Box>
    );
}
