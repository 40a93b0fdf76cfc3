<?php

declare(strict_types=1);

namespace TinLantern\Demo;

/**
 * The invented names and words of the Vesper Isles.
 */
final class Words
{
    public const GIVEN = ['Mara', 'Joren', 'Ilsa', 'Tobin', 'Wren', 'Edda', 'Corin', 'Lysbet', 'Hale', 'Nessa', 'Orrin', 'Sunniva', 'Perrin', 'Tamsel', 'Bram', 'Elowen', 'Fenn', 'Greta', 'Ansel', 'Runa', 'Davin', 'Isolde', 'Kester', 'Maelle', 'Osric', 'Petra', 'Rowan', 'Signe', 'Torvin', 'Una', 'Vesna', 'Wilmar', 'Ysolt', 'Zephan', 'Brisa', 'Caddoc', 'Dorrit', 'Evander', 'Farrah', 'Gwenna'];
    public const FAMILY = ['Venn', 'Halloway', 'Skelly', 'Tarn', 'Brindle', 'Marrow', 'Quill', 'Saltry', 'Orrowby', 'Fenwater', 'Gannet', 'Harrowgate', 'Ironstrand', 'Kestrel', 'Lowmoor', 'Mistral', 'Netherby', 'Oakhaven', 'Pellow', 'Rookwell', 'Sandover', 'Thornsea', 'Underhill', 'Varley', 'Wherry', 'Yarrowby', 'Ashdune', 'Bellweather', 'Curlew', 'Dunnock', 'Eiderly', 'Farthing', 'Grebe', 'Hollowell', 'Inglenook', 'Jessamy', 'Kittiwake', 'Larkin', 'Møller-Strand', 'Nightingale'];
    public const PUBLISHERS = ['Lamp & Anchor', 'Saltmarsh Press', 'Fathom Books', 'Ninth Wave', 'Quayside Editions', 'Hollow Hill Print', 'Skellin House'];
    public const PLACES = ['Port Vesper', 'Saltmarsh', 'Hollow Hill', 'Skellin', 'Farrowhythe'];
    public const ADJECTIVES = ['Silent', 'Salt', 'Amber', 'Drowned', 'Seventh', 'Northern', 'Hollow', 'Burning', 'Hidden', 'Last', 'Grey', 'Wandering', 'Lost', 'Slow', 'Golden', 'Broken', 'Quiet', 'Winter', 'Distant', 'Tidal', 'Copper', 'Glass', 'Second', 'Restless', 'Patient'];
    public const NOUNS = ['Lantern', 'Harbour', 'Keeper', 'Tide', 'Lighthouse', 'Ferry', 'Gull', 'Anchor', 'Island', 'Storm', 'Map', 'Bell', 'Letter', 'Boat', 'Shore', 'Garden', 'Compass', 'Net', 'Cliff', 'Well', 'Cartographer', 'Daughter', 'Pilot', 'Orchard', 'Signal', 'Chart', 'Tern', 'Causeway', 'Reef', 'Sextant'];
    public const SUBJECTS = [
        'history' => [['941.9', 'Vesper Isles', 'History'], ['941.91', 'Port Vesper', 'Social life and customs'], ['387.5', 'Ferries', 'Vesper Isles'], ['910.9', 'Shipwrecks', 'Skellin'], ['639.2', 'Fisheries', 'History']],
        'navigation' => [['623.89', 'Navigation', 'Handbooks'], ['527', 'Nautical astronomy', 'Tables'], ['623.892', 'Pilot guides', 'Vesper Isles'], ['551.46', 'Tides', 'Tables']],
        'craft' => [['746.43', 'Knitting', 'Patterns'], ['746.44', 'Embroidery', 'Patterns'], ['684.08', 'Woodwork', 'Amateurs'], ['641.5', 'Cooking', 'Vesper Isles'], ['623.88', 'Knots and splices', 'Handbooks']],
        'nature' => [['598.177', 'Sea birds', 'Identification'], ['551.5', 'Weather', 'Popular works'], ['578.77', 'Seashore', 'Guidebooks'], ['523', 'Astronomy', 'Amateurs'], ['5.1', 'Computer programs', 'Design']],
    ];
    public const INSTRUMENTS = [['Flute and piano', 'M242', 'Sonatas'], ['Violin and piano', 'M219', 'Sonatas'], ['String quartets', 'M452', 'Scores'], ['Clarinet and harp', 'M296', 'Scores and parts'], ['Concertina', 'M175', 'Studies and exercises'], ['Mixed voices', 'M1579', 'Vocal scores'], ['Cello', 'M50', 'Solos'], ['Jazz', 'M1366', 'Lead sheets']];
    public const EQUIPMENT = ['Reading tablet', 'Telescope', 'Concertina', 'Weather radio', 'Binoculars', 'Sextant for practice', 'Slide projector', 'Knitting machine'];
    public const STREETS = ['Quay Street', 'Lamp Lane', 'Ferry Steps', 'Net Loft Yard', 'Church Brae', 'Saltpan Road', 'Gull Row', 'Harbour View', 'Old Causeway', 'Hill Close'];
}
