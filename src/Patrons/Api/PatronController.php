<?php

declare(strict_types=1);

namespace TinLantern\Patrons\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Patrons\ChangePatron;
use TinLantern\Patrons\FindPatrons;
use TinLantern\Patrons\PatronForm;
use TinLantern\Patrons\PatronListView;
use TinLantern\Patrons\PatronPage;
use TinLantern\Patrons\PatronQuery;
use TinLantern\Patrons\PatronView;
use TinLantern\Patrons\RegisterPatron;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class PatronController
{
    /** Patrons by name, card number or e-mail. */
    #[Route('/api/patrons', methods: 'GET')]
    #[Needs(Permission::ViewPatrons)]
    public function list(FindPatrons $find, #[MapQueryString] PatronQuery $query = new PatronQuery()): PatronListView
    {
        return $find($query);
    }

    /** One patron. */
    #[Route('/api/patrons/{id}', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewPatrons)]
    public function show(int $id, PatronPage $page): PatronView
    {
        return $page->of($id);
    }

    /** Register a patron. */
    #[Route('/api/patrons', methods: 'POST')]
    #[Needs(Permission::EditPatrons)]
    public function register(#[MapRequestPayload] PatronForm $form, Actor $actor, RegisterPatron $register): PatronView
    {
        return $register($form, $actor);
    }

    /** Change a patron; `version` is the one the change began from. */
    #[Route('/api/patrons/{id}', requirements: ['id' => '\d{1,9}'], methods: 'PUT')]
    #[Needs(Permission::EditPatrons)]
    public function change(int $id, #[MapRequestPayload] PatronForm $form, Actor $actor, ChangePatron $change): PatronView
    {
        return $change($id, $form, $actor);
    }
}
