<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Saved\PhraseForm;
use TinLantern\Catalogue\Saved\Phrases;
use TinLantern\Catalogue\Saved\PhraseView;
use TinLantern\Catalogue\Saved\SavedSearches;
use TinLantern\Catalogue\Saved\SavedSearchForm;
use TinLantern\Catalogue\Saved\SavedSearchView;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class SavedController
{
    /**
     * Saved searches: one's own, and those that are shared.
     *
     * @return list<SavedSearchView>
     */
    #[Route('/api/saved-searches', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function searches(SavedSearches $searches, Actor $actor): array
    {
        return $searches->of($actor);
    }

    /** Save a search. One of the same name takes its place. */
    #[Route('/api/saved-searches', methods: 'POST')]
    #[Needs(Permission::ViewCatalogue)]
    public function saveSearch(#[MapRequestPayload] SavedSearchForm $form, SavedSearches $searches, Actor $actor): SavedSearchView
    {
        return $searches->save($form, $actor);
    }

    /**
     * Forget a search of one's own.
     *
     * @return list<SavedSearchView> those that are left
     */
    #[Route('/api/saved-searches/{id}', requirements: ['id' => '\d{1,9}'], methods: 'DELETE')]
    #[Needs(Permission::ViewCatalogue)]
    public function forgetSearch(int $id, SavedSearches $searches, Actor $actor): array
    {
        $searches->forget($id, $actor);

        return $searches->of($actor);
    }

    /**
     * One's own phrases for fields.
     *
     * @return list<PhraseView>
     */
    #[Route('/api/phrases', methods: 'GET')]
    #[Needs(Permission::EditRecords)]
    public function phrases(Phrases $phrases, Actor $actor): array
    {
        return $phrases->of($actor);
    }

    /** Keep a phrase for a field. */
    #[Route('/api/phrases', methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function keepPhrase(#[MapRequestPayload] PhraseForm $form, Phrases $phrases, Actor $actor): PhraseView
    {
        return $phrases->keep($form, $actor);
    }

    /**
     * Forget a phrase of one's own.
     *
     * @return list<PhraseView> those that are left
     */
    #[Route('/api/phrases/{id}', requirements: ['id' => '\d{1,9}'], methods: 'DELETE')]
    #[Needs(Permission::EditRecords)]
    public function forgetPhrase(int $id, Phrases $phrases, Actor $actor): array
    {
        $phrases->forget($id, $actor);

        return $phrases->of($actor);
    }
}
