<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Circulation\Desk\FindAnything;
use TinLantern\Circulation\Desk\FoundView;
use TinLantern\Circulation\Desk\Scan;
use TinLantern\Circulation\Desk\ScanView;
use TinLantern\Circulation\Desk\TakeScan;
use TinLantern\Circulation\Desk\Tape;
use TinLantern\Circulation\Desk\TapeLineView;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class DeskController
{
    /** Take a scan: lends, returns or looks up, as the lit lane says. Each lane needs its own permission besides. */
    #[Route('/api/scans', methods: 'POST')]
    #[Needs(Permission::ViewCatalogue)]
    public function scan(#[MapRequestPayload] Scan $scan, Actor $actor, TakeScan $take): ScanView
    {
        return $take($scan, $actor);
    }

    /**
     * What this desk did in the last hours, newest first.
     *
     * @return list<TapeLineView>
     */
    #[Route('/api/tape', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function tape(Actor $actor, Tape $tape): array
    {
        return $tape->of($actor);
    }

    /** What the line asked for has been done. */
    #[Route('/api/tape/{id}/settlement', requirements: ['id' => '[0-9a-fA-F-]{36}'], methods: 'POST')]
    #[Needs(Permission::Return)]
    public function settle(string $id, Actor $actor, Tape $tape): void
    {
        $tape->settle($id, $actor);
    }

    /** What the Lantern bar finds while somebody types. */
    #[Route('/api/lantern', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function find(#[MapQueryParameter] string $q, Actor $actor, FindAnything $find): FoundView
    {
        return $find($q, $actor);
    }
}
