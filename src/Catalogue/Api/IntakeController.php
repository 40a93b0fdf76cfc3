<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Intake\AskForWork;
use TinLantern\Catalogue\Intake\BrokenRecords;
use TinLantern\Catalogue\Intake\ChooseForRecord;
use TinLantern\Catalogue\Intake\IntakeChoices;
use TinLantern\Catalogue\Intake\IntakeListView;
use TinLantern\Catalogue\Intake\IntakePage;
use TinLantern\Catalogue\Intake\IntakeQuery;
use TinLantern\Catalogue\Intake\IntakeRecordListView;
use TinLantern\Catalogue\Intake\IntakeRecordPage;
use TinLantern\Catalogue\Intake\IntakeRecordQuery;
use TinLantern\Catalogue\Intake\IntakeRecordView;
use TinLantern\Catalogue\Intake\Intakes;
use TinLantern\Catalogue\Intake\IntakeView;
use TinLantern\Catalogue\Intake\PutFileAway;
use TinLantern\Catalogue\Intake\ReceiveFile;
use TinLantern\Catalogue\Intake\RecordChoice;
use TinLantern\Platform\ActId;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\FileDownload;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Api\ReceivesFile;
use TinLantern\Platform\Permission;

final class IntakeController
{
    /** Send a file of records; it is kept and looked at, nothing more. */
    #[Route('/api/intakes', methods: 'POST')]
    #[Needs(Permission::TakeInFiles)]
    #[ReceivesFile]
    public function receive(Request $request, #[MapQueryParameter] string $name, ReceiveFile $receive, IntakePage $page, Actor $actor): IntakeView
    {
        return $page->of($receive($request->getContent(true), $name, $actor)->id);
    }

    /** The files that were sent, newest first. */
    #[Route('/api/intakes', methods: 'GET')]
    #[Needs(Permission::TakeInFiles)]
    public function list(IntakePage $page, #[MapQueryString] IntakeQuery $query = new IntakeQuery()): IntakeListView
    {
        return $page->list($query);
    }

    /** One file, and what has become of it. */
    #[Route('/api/intakes/{id}', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::TakeInFiles)]
    public function show(int $id, IntakePage $page): IntakeView
    {
        return $page->of($id);
    }

    /** Read a file and compare it with the catalogue, in the background; also once more in another way, while nothing of it is in. */
    #[Route('/api/intakes/{id}/comparing', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::TakeInFiles)]
    public function compare(int $id, #[MapRequestPayload] IntakeChoices $choices, AskForWork $ask, Actor $actor): IntakeView
    {
        return $ask->compare($id, $choices, $actor);
    }

    /** Take in a file in the background: one that was compared, or one at which nobody wants to look between. */
    #[Route('/api/intakes/{id}/taking-in', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::TakeInFiles)]
    public function takeIn(int $id, #[MapRequestPayload] IntakeChoices $choices, AskForWork $ask, Actor $actor): IntakeView
    {
        return $ask->takeIn($id, $choices, $actor);
    }

    /** Put away a file of which nothing is in the catalogue. */
    #[Route('/api/intakes/{id}/putting-away', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::TakeInFiles)]
    public function putAway(int $id, #[MapRequestPayload] ActId $act, PutFileAway $put, Actor $actor): IntakeView
    {
        return $put($id, $act->id, $actor);
    }

    /** Take up again a file that was put away. */
    #[Route('/api/intakes/{id}/taking-up', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::TakeInFiles)]
    public function takeUp(int $id, #[MapRequestPayload] ActId $act, PutFileAway $put, Actor $actor): IntakeView
    {
        return $put->takeUpAgain($id, $act->id, $actor);
    }

    /** Take back a file that was taken in, in the background. */
    #[Route('/api/intakes/{id}/taking-back', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::TakeInFiles)]
    public function takeBack(int $id, #[MapRequestPayload] ActId $act, AskForWork $ask, Actor $actor): IntakeView
    {
        return $ask->takeBack($id, $act->id, $actor);
    }

    /** The records of a file. */
    #[Route('/api/intakes/{id}/records', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::TakeInFiles)]
    public function records(int $id, IntakeRecordPage $page, #[MapQueryString] IntakeRecordQuery $query = new IntakeRecordQuery()): IntakeRecordListView
    {
        return $page->list($id, $query);
    }

    /** One record of a file, beside the one that it matches. */
    #[Route('/api/intakes/{id}/records/{place}', requirements: ['id' => '\d{1,9}', 'place' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::TakeInFiles)]
    public function record(int $id, int $place, IntakeRecordPage $page): IntakeRecordView
    {
        return $page->of($id, $place);
    }

    /** Choose for one record something else than for the others. */
    #[Route('/api/intakes/{id}/records/{place}', requirements: ['id' => '\d{1,9}', 'place' => '\d{1,9}'], methods: 'PUT')]
    #[Needs(Permission::TakeInFiles)]
    public function choose(int $id, int $place, #[MapRequestPayload] RecordChoice $choice, ChooseForRecord $choose): IntakeRecordView
    {
        return $choose($id, $place, $choice);
    }

    /** The broken records of a file, as they came. */
    #[Route('/api/intakes/{id}/broken-records', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::TakeInFiles)]
    public function broken(int $id, Intakes $intakes, BrokenRecords $broken): StreamedResponse
    {
        return FileDownload::of('broken-'.$intakes->get($id)->fileName, 'application/octet-stream', $broken->asTheyCame($id));
    }

    /** Why the broken records of a file could not be read, as CSV. */
    #[Route('/api/intakes/{id}/broken-reasons', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::TakeInFiles)]
    public function reasons(int $id, Intakes $intakes, BrokenRecords $broken): StreamedResponse
    {
        return FileDownload::of('broken-'.$intakes->get($id)->fileName.'.csv', 'text/csv; charset=UTF-8', $broken->reasons($id));
    }
}
