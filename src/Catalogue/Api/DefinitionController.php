<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Editing\DefinitionsView;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class DefinitionController
{
    /** What MARC 21 says of fields, subfields, indicators and coded positions. */
    #[Route('/api/marc-definitions', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function all(): DefinitionsView
    {
        return DefinitionsView::make();
    }
}
