<?php

declare(strict_types=1);

use Symfony\Component\Routing\Loader\Configurator\RoutingConfigurator;

return static function (RoutingConfigurator $routes): void {
    foreach (['Access', 'Catalogue', 'Circulation', 'Holdings', 'House', 'Journal', 'Patrons', 'Platform'] as $area) {
        $routes->import("../src/{$area}/Api/", 'attribute');
    }
};
