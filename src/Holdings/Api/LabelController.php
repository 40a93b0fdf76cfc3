<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Api;

use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Holdings\Labels\LabelItems;
use TinLantern\Holdings\Labels\LabelJob;
use TinLantern\Holdings\Labels\LabelPreviewView;
use TinLantern\Holdings\Labels\LabelQuery;
use TinLantern\Holdings\Labels\LabelView;
use TinLantern\Holdings\Labels\PrintLabels;
use TinLantern\Holdings\Labels\SendLabels;
use TinLantern\Holdings\Labels\SentLabelsView;
use TinLantern\Holdings\Labels\WaitingLabels;
use TinLantern\Platform\Api\FileDownload;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class LabelController
{
    /**
     * The labels that wait to be printed.
     *
     * @return list<LabelView>
     */
    #[Route('/api/waiting-labels', methods: 'GET')]
    #[Needs(Permission::EditItems)]
    public function waiting(WaitingLabels $labels): array
    {
        return $labels->all();
    }

    /**
     * Let labels of these items wait to be printed; adding one twice is harmless.
     *
     * @return list<LabelView>
     */
    #[Route('/api/waiting-labels', methods: 'POST')]
    #[Needs(Permission::EditItems)]
    public function add(#[MapRequestPayload] LabelItems $items, WaitingLabels $labels): array
    {
        $labels->add($items->items);

        return $labels->all();
    }

    /**
     * Let labels of all items that a file has brought wait to be printed; doing it twice is harmless.
     *
     * @return list<LabelView>
     */
    #[Route('/api/intakes/{id}/waiting-labels', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::EditItems)]
    public function addOfFile(int $id, WaitingLabels $labels): array
    {
        $labels->addOfFile($id);

        return $labels->all();
    }

    /**
     * These labels are printed; removing one twice is harmless.
     *
     * @return list<LabelView>
     */
    #[Route('/api/printed-labels', methods: 'POST')]
    #[Needs(Permission::EditItems)]
    public function printed(#[MapRequestPayload] LabelItems $items, WaitingLabels $labels): array
    {
        $labels->remove($items->items);

        return $labels->all();
    }

    /** Labels as they would be printed, with their true line breaks. */
    #[Route('/api/label-preview', methods: 'GET')]
    #[Needs(Permission::EditItems)]
    public function preview(PrintLabels $print, #[MapQueryString] LabelQuery $query = new LabelQuery()): LabelPreviewView
    {
        return $print->preview($query);
    }

    /** Send labels to a label printer. */
    #[Route('/api/label-jobs', methods: 'POST')]
    #[Needs(Permission::EditItems)]
    public function send(#[MapRequestPayload] LabelJob $job, SendLabels $send): SentLabelsView
    {
        return $send($job);
    }

    /** Labels as PDF, at their true size. */
    #[Route('/api/labels', methods: 'GET')]
    #[Needs(Permission::EditItems)]
    public function pdf(PrintLabels $print, #[MapQueryString] LabelQuery $query = new LabelQuery()): StreamedResponse
    {
        return FileDownload::of('labels.pdf', 'application/pdf', [$print->pdf($query)]);
    }
}
