<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Editing\CheckRecord;
use TinLantern\Catalogue\Editing\DraftForm;
use TinLantern\Catalogue\Editing\Drafts;
use TinLantern\Catalogue\Editing\DraftView;
use TinLantern\Catalogue\Editing\Duplicates;
use TinLantern\Catalogue\Editing\DuplicateView;
use TinLantern\Catalogue\Editing\RecordCheckView;
use TinLantern\Catalogue\Editing\RecordForm;
use TinLantern\Catalogue\Editing\RecordOf;
use TinLantern\Catalogue\Editing\RecordTextView;
use TinLantern\Catalogue\Editing\RecordVersions;
use TinLantern\Catalogue\Editing\RemovedRecordView;
use TinLantern\Catalogue\Editing\RemoveRecord;
use TinLantern\Catalogue\Editing\SaveRecord;
use TinLantern\Catalogue\Editing\VersionChoice;
use TinLantern\Catalogue\Editing\VersionView;
use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\Unreadable;
use TinLantern\Platform\ActId;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

final class EditingController
{
    /** Add a record. Refused with 409 and the record that is there when the catalogue has the title already. */
    #[Route('/api/records', methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function add(#[MapRequestPayload] RecordForm $form, SaveRecord $save, Actor $actor): RecordTextView
    {
        return $save->add($form, $actor);
    }

    /** Change a record; `version` is the one the change began from. */
    #[Route('/api/records/{id}', requirements: ['id' => '\d{1,9}'], methods: 'PUT')]
    #[Needs(Permission::EditRecords)]
    public function change(int $id, #[MapRequestPayload] RecordForm $form, SaveRecord $save, Actor $actor): RecordTextView
    {
        return $save->change($id, $form, $actor);
    }

    /** Remove a record without items. It can be brought back by taking back its entry of the journal. */
    #[Route('/api/records/{id}/removal', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function remove(int $id, #[MapRequestPayload] ActId $act, RemoveRecord $remove, Actor $actor): RemovedRecordView
    {
        return $remove($id, $act, $actor);
    }

    /** A record as it is edited. */
    #[Route('/api/records/{id}/text', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function text(int $id, Records $records): RecordTextView
    {
        return RecordTextView::of($records->find($id) ?? throw NotFound::of('record', $id));
    }

    /**
     * The versions of a record, newest first.
     *
     * @return list<VersionView>
     */
    #[Route('/api/records/{id}/versions', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function versions(int $id, RecordVersions $versions): array
    {
        return $versions->of($id);
    }

    /**
     * An earlier version of a record beside how it is now.
     *
     * @return list<FieldPairView>
     */
    #[Route('/api/records/{id}/versions/{version}', requirements: ['id' => '\d{1,9}', 'version' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function version(int $id, int $version, RecordVersions $versions): array
    {
        return $versions->beside($id, $version);
    }

    /** Return to an earlier version of a record. */
    #[Route('/api/records/{id}/return', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function returnTo(int $id, #[MapRequestPayload] VersionChoice $choice, SaveRecord $save, Actor $actor): RecordTextView
    {
        return $save->returnTo($id, $choice, $actor);
    }

    /** What MARC 21 and the worksheet have to remark on a record. */
    #[Route('/api/record-checks', methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function check(#[MapRequestPayload] DraftForm $draft, CheckRecord $check): RecordCheckView
    {
        return $check($draft);
    }

    /**
     * The record that the catalogue has of the same title already.
     *
     * @return list<DuplicateView>
     */
    #[Route('/api/record-duplicates', methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function duplicates(#[MapRequestPayload] DraftForm $draft, Duplicates $duplicates): array
    {
        try {
            return $duplicates->of(RecordOf::tidied(LineText::parse($draft->text)));
        } catch (Unreadable $unreadable) {
            throw new Invalid(['text' => $unreadable->getMessage()]);
        }
    }

    /** Your draft of a record; 0 for a new one. */
    #[Route('/api/record-drafts/{recordId}', requirements: ['recordId' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::EditRecords)]
    public function draft(int $recordId, Drafts $drafts, Actor $actor): DraftView
    {
        return $drafts->find($actor, $recordId);
    }

    /** Keep a draft of a record. */
    #[Route('/api/record-drafts/{recordId}', requirements: ['recordId' => '\d{1,9}'], methods: 'PUT')]
    #[Needs(Permission::EditRecords)]
    public function keepDraft(int $recordId, #[MapRequestPayload] DraftForm $draft, Drafts $drafts, Actor $actor): DraftView
    {
        return $drafts->keep($actor, $recordId, $draft);
    }

    /** Throw a draft away. */
    #[Route('/api/record-drafts/{recordId}', requirements: ['recordId' => '\d{1,9}'], methods: 'DELETE')]
    #[Needs(Permission::EditRecords)]
    public function forgetDraft(int $recordId, Drafts $drafts, Actor $actor): DraftView
    {
        $drafts->forget($actor, $recordId);

        return $drafts->find($actor, $recordId);
    }
}
