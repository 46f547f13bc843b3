import { AreaTabs } from '../parts/AreaTabs';

/** The parts of the Media area. */
export function MediaTabs({
    systemId,
    tab,
}: {
    systemId: number;
    tab: 'In place' | 'Dose a medium' | 'Organic carbon' | 'Other doses' | 'Ozone';
}) {
    const base = `/systems/${systemId}/media`;
    return (
        <AreaTabs
            area="Media"
            tab={tab}
            tabs={[
                ['In place', base],
                ['Dose a medium', `${base}/dose`],
                ['Organic carbon', `${base}/organic`],
                ['Other doses', `${base}/others`],
                ['Ozone', `${base}/ozone`],
            ]}
        />
    );
}
