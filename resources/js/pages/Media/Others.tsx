import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { MediaTabs } from '../../media/MediaTabs';
import { type Part } from '../../media/types';
import { Frame } from '../../frame/Frame';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';

interface Props {
    frame: SystemFrame;
    parts: Part[];
}

export default function Others({ frame, parts }: Props) {
    return (
        <Frame title="Other doses" area="Media" frame={frame}>
            <chakra.h1 srOnly>Other doses</chakra.h1>
            <MediaTabs systemId={frame.id} tab="Other doses" />
            {parts.map((part) => (
                <Box
                    key={part.title}
                    as="section"
                    borderTopWidth="1.5px"
                    pt="2"
                    mb="6"
                    maxWidth="46rem"
                    display="grid"
                    gap="2"
                    justifyItems="start"
                >
                    <chakra.h2 fontSize="lg">{part.title}</chakra.h2>
                    {part.says.map((sentence) => (
                        <p key={sentence}>{sentence}</p>
                    ))}
                    <chakra.p color="caution">Caution: {part.caution}</chakra.p>
                    <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
                        {part.log !== null && (
                            <Button
                                disabled={!part.log.isOpen}
                                onClick={() =>
                                    router.post(
                                        `/systems/${frame.id}/journal`,
                                        { line: part.log?.line },
                                        { preserveScroll: true },
                                    )
                                }
                            >
                                {part.log.label}
                            </Button>
                        )}
                        {part.dose !== null && (
                            <Link
                                href={`/systems/${frame.id}/media/dose?${part.dose}`}
                                aria-label={`Dose it: ${part.title}`}
                            >
                                Dose it
                            </Link>
                        )}
                    </Box>
                </Box>
            ))}
        </Frame>
    );
}
