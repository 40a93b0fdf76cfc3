<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Holdings\AddCopies;
use TinLantern\Holdings\AddItem;
use TinLantern\Holdings\ChangeItem;
use TinLantern\Holdings\CopiesForm;
use TinLantern\Holdings\CopiesView;
use TinLantern\Holdings\ItemForm;
use TinLantern\Holdings\ItemPage;
use TinLantern\Holdings\ItemView;
use TinLantern\Holdings\MergedView;
use TinLantern\Holdings\MergeForm;
use TinLantern\Holdings\MergeRecords;
use TinLantern\Holdings\MovedItems;
use TinLantern\Holdings\MovedItemsView;
use TinLantern\Holdings\MoveItems;
use TinLantern\Holdings\Shelf\BrowseShelf;
use TinLantern\Holdings\Shelf\ShelfQuery;
use TinLantern\Holdings\Shelf\ShelfView;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class ItemController
{
    /**
     * The items of a record.
     *
     * @return list<ItemView>
     */
    #[Route('/api/records/{recordId}/items', requirements: ['recordId' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function ofRecord(int $recordId, ItemPage $page): array
    {
        return $page->onRecord($recordId);
    }

    /** Add an item to a record. */
    #[Route('/api/records/{recordId}/items', requirements: ['recordId' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::EditItems)]
    public function add(int $recordId, #[MapRequestPayload] ItemForm $form, Actor $actor, AddItem $add): ItemView
    {
        return $add($recordId, $form, $actor);
    }

    /** Add several copies of a title in one act; a barcode range gives their barcodes, or they are scanned. */
    #[Route('/api/records/{recordId}/copies', requirements: ['recordId' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::EditItems)]
    public function addCopies(int $recordId, #[MapRequestPayload] CopiesForm $form, Actor $actor, AddCopies $add): CopiesView
    {
        return $add($recordId, $form, $actor);
    }

    /** Move items to this record; their loans and history go with them. */
    #[Route('/api/records/{recordId}/moved-items', requirements: ['recordId' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::EditItems)]
    public function move(int $recordId, #[MapRequestPayload] MovedItems $act, Actor $actor, MoveItems $move): MovedItemsView
    {
        return $move($recordId, $act, $actor);
    }

    /** Merge another record with this one: it gets the other's items and chosen fields, and the other goes. */
    #[Route('/api/records/{recordId}/merge', requirements: ['recordId' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function merge(int $recordId, #[MapRequestPayload] MergeForm $form, Actor $actor, MergeRecords $merge): MergedView
    {
        return $merge($recordId, $form, $actor);
    }

    /** Along a shelf: the neighbours of a call number or of an item. */
    #[Route('/api/shelf', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function shelf(BrowseShelf $browse, #[MapQueryString] ShelfQuery $query = new ShelfQuery()): ShelfView
    {
        return $browse($query);
    }

    /** One item. */
    #[Route('/api/items/{id}', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function show(int $id, ItemPage $page): ItemView
    {
        return $page->of($id);
    }

    /** Change an item; `version` is the one the change began from. */
    #[Route('/api/items/{id}', requirements: ['id' => '\d{1,9}'], methods: 'PUT')]
    #[Needs(Permission::EditItems)]
    public function change(int $id, #[MapRequestPayload] ItemForm $form, Actor $actor, ChangeItem $change): ItemView
    {
        return $change($id, $form, $actor);
    }
}
