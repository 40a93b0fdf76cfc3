<?php

// The coded positions of leader, 006, 007 and 008: by field and kind of material, each position from, length, name, values.
// An empty list of values means that anything may stand there. Source: MARC 21 Format for Bibliographic Data.

$fill = ['|' => 'No attempt to code'];
$form = [' ' => 'None of the following', 'a' => 'Microfilm', 'b' => 'Microfiche', 'c' => 'Microopaque', 'd' => 'Large print', 'f' => 'Braille', 'o' => 'Online', 'q' => 'Direct electronic', 'r' => 'Regular print reproduction', 's' => 'Electronic'] + $fill;
$audience = [' ' => 'Unknown or not specified', 'a' => 'Preschool', 'b' => 'Primary', 'c' => 'Pre-adolescent', 'd' => 'Adolescent', 'e' => 'Adult', 'f' => 'Specialized', 'g' => 'General', 'j' => 'Juvenile'] + $fill;
$government = [' ' => 'Not a government publication', 'a' => 'Autonomous or semi-autonomous component', 'c' => 'Multilocal', 'f' => 'Federal/national', 'i' => 'International intergovernmental', 'l' => 'Local', 'm' => 'Multistate', 'o' => 'Government publication, level undetermined', 's' => 'State, provincial, territorial', 'u' => 'Unknown if government publication', 'z' => 'Other'] + $fill;
$contents = [' ' => 'No specified nature', 'a' => 'Abstracts/summaries', 'b' => 'Bibliographies', 'c' => 'Catalogs', 'd' => 'Dictionaries', 'e' => 'Encyclopedias', 'f' => 'Handbooks', 'g' => 'Legal articles', 'i' => 'Indexes', 'j' => 'Patent document', 'k' => 'Discographies', 'l' => 'Legislation', 'm' => 'Theses', 'n' => 'Surveys of literature', 'o' => 'Reviews', 'p' => 'Programmed texts', 'q' => 'Filmographies', 'r' => 'Directories', 's' => 'Statistics', 't' => 'Technical reports', 'u' => 'Standards/specifications', 'v' => 'Legal cases', 'w' => 'Law reports', 'y' => 'Yearbooks', 'z' => 'Treaties', '2' => 'Offprints', '5' => 'Calendars', '6' => 'Comics/graphic novels'] + $fill;
$yes = static fn (string $no, string $is): array => ['0' => $no, '1' => $is, '|' => 'No attempt to code'];
$conference = [29, 1, 'Conference publication', $yes('Not a conference publication', 'Conference publication')];
$index = [31, 1, 'Index', $yes('No index', 'Index present')];
$illustrations = [' ' => 'No illustrations', 'a' => 'Illustrations', 'b' => 'Maps', 'c' => 'Portraits', 'd' => 'Charts', 'e' => 'Plans', 'f' => 'Plates', 'g' => 'Music', 'h' => 'Facsimiles', 'i' => 'Coats of arms', 'j' => 'Genealogical tables', 'k' => 'Forms', 'l' => 'Samples', 'm' => 'Phonodisc, phonowire', 'o' => 'Photographs', 'p' => 'Illuminations'] + $fill;

$materials = [
    'books' => [
        [18, 4, 'Illustrations', $illustrations],
        [22, 1, 'Target audience', $audience],
        [23, 1, 'Form of item', $form],
        [24, 4, 'Nature of contents', $contents],
        [28, 1, 'Government publication', $government],
        $conference,
        [30, 1, 'Festschrift', $yes('Not a festschrift', 'Festschrift')],
        $index,
        [33, 1, 'Literary form', ['0' => 'Not fiction', '1' => 'Fiction', 'd' => 'Dramas', 'e' => 'Essays', 'f' => 'Novels', 'h' => 'Humor, satires', 'i' => 'Letters', 'j' => 'Short stories', 'm' => 'Mixed forms', 'p' => 'Poetry', 's' => 'Speeches', 'u' => 'Unknown'] + $fill],
        [34, 1, 'Biography', [' ' => 'No biographical material', 'a' => 'Autobiography', 'b' => 'Individual biography', 'c' => 'Collective biography', 'd' => 'Contains biographical information'] + $fill],
    ],
    'continuing' => [
        [18, 1, 'Frequency', [' ' => 'No determinable frequency', 'a' => 'Annual', 'b' => 'Bimonthly', 'c' => 'Semiweekly', 'd' => 'Daily', 'e' => 'Biweekly', 'f' => 'Semiannual', 'g' => 'Biennial', 'h' => 'Triennial', 'i' => 'Three times a week', 'j' => 'Three times a month', 'k' => 'Continuously updated', 'm' => 'Monthly', 'q' => 'Quarterly', 's' => 'Semimonthly', 't' => 'Three times a year', 'u' => 'Unknown', 'w' => 'Weekly', 'z' => 'Other'] + $fill],
        [19, 1, 'Regularity', ['n' => 'Normalized irregular', 'r' => 'Regular', 'u' => 'Unknown', 'x' => 'Completely irregular'] + $fill],
        [21, 1, 'Type of continuing resource', [' ' => 'None of the following', 'd' => 'Updating database', 'g' => 'Magazine', 'h' => 'Blog', 'j' => 'Journal', 'l' => 'Updating loose-leaf', 'm' => 'Monographic series', 'n' => 'Newspaper', 'p' => 'Periodical', 'r' => 'Repository', 's' => 'Newsletter', 't' => 'Directory', 'w' => 'Updating web site'] + $fill],
        [22, 1, 'Form of original item', ['e' => 'Newspaper format'] + $form],
        [23, 1, 'Form of item', $form],
        [24, 1, 'Nature of entire work', $contents],
        [25, 3, 'Nature of contents', $contents],
        [28, 1, 'Government publication', $government],
        $conference,
        [33, 1, 'Original alphabet or script of title', [' ' => 'No alphabet or script given', 'a' => 'Basic roman', 'b' => 'Extended roman', 'c' => 'Cyrillic', 'd' => 'Japanese', 'e' => 'Chinese', 'f' => 'Arabic', 'g' => 'Greek', 'h' => 'Hebrew', 'i' => 'Thai', 'j' => 'Devanagari', 'k' => 'Korean', 'l' => 'Tamil', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [34, 1, 'Entry convention', ['0' => 'Successive entry', '1' => 'Latest entry', '2' => 'Integrated entry'] + $fill],
    ],
    'music' => [
        [18, 2, 'Form of composition', []],
        [20, 1, 'Format of music', ['a' => 'Full score', 'b' => 'Miniature or study score', 'c' => 'Accompaniment reduced for keyboard', 'd' => 'Voice score', 'e' => 'Condensed score', 'g' => 'Close score', 'h' => 'Chorus score', 'i' => 'Condensed score', 'j' => 'Performer-conductor part', 'k' => 'Vocal score', 'l' => 'Score', 'm' => 'Multiple score formats', 'n' => 'Not applicable', 'p' => 'Piano score', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [21, 1, 'Music parts', [' ' => 'No parts in hand or not specified', 'd' => 'Instrumental and vocal parts', 'e' => 'Instrumental parts', 'f' => 'Vocal parts', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
        [22, 1, 'Target audience', $audience],
        [23, 1, 'Form of item', $form],
        [24, 6, 'Accompanying matter', []],
        [30, 2, 'Literary text for sound recordings', []],
        [33, 1, 'Transposition and arrangement', [' ' => 'Not arrangement or transposition or not specified', 'a' => 'Transposition', 'b' => 'Arrangement', 'c' => 'Both transposed and arranged', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
    ],
    'maps' => [
        [18, 4, 'Relief', []],
        [22, 2, 'Projection', []],
        [25, 1, 'Type of cartographic material', ['a' => 'Single map', 'b' => 'Map series', 'c' => 'Map serial', 'd' => 'Globe', 'e' => 'Atlas', 'f' => 'Separate supplement to another work', 'g' => 'Bound as part of another work', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [28, 1, 'Government publication', $government],
        [29, 1, 'Form of item', $form],
        $index,
        [33, 2, 'Special format characteristics', []],
    ],
    'visual' => [
        [18, 3, 'Running time', []],
        [22, 1, 'Target audience', $audience],
        [28, 1, 'Government publication', $government],
        [29, 1, 'Form of item', $form],
        [33, 1, 'Type of visual material', ['a' => 'Art original', 'b' => 'Kit', 'c' => 'Art reproduction', 'd' => 'Diorama', 'f' => 'Filmstrip', 'g' => 'Game', 'i' => 'Picture', 'k' => 'Graphic', 'l' => 'Technical drawing', 'm' => 'Motion picture', 'n' => 'Chart', 'o' => 'Flash card', 'p' => 'Microscope slide', 'q' => 'Model', 'r' => 'Realia', 's' => 'Slide', 't' => 'Transparency', 'v' => 'Videorecording', 'w' => 'Toy', 'z' => 'Other'] + $fill],
        [34, 1, 'Technique', ['a' => 'Animation', 'c' => 'Animation and live action', 'l' => 'Live action', 'n' => 'Not applicable', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
    ],
    'computer' => [
        [22, 1, 'Target audience', $audience],
        [23, 1, 'Form of item', [' ' => 'Unknown or not specified', 'o' => 'Online', 'q' => 'Direct electronic'] + $fill],
        [26, 1, 'Type of computer file', ['a' => 'Numeric data', 'b' => 'Computer program', 'c' => 'Representational', 'd' => 'Document', 'e' => 'Bibliographic data', 'f' => 'Font', 'g' => 'Game', 'h' => 'Sound', 'i' => 'Interactive multimedia', 'j' => 'Online system or service', 'm' => 'Combination', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [28, 1, 'Government publication', $government],
    ],
    'mixed' => [
        [23, 1, 'Form of item', $form],
    ],
];
$always = [
    [0, 6, 'Date entered on file', []],
    [6, 1, 'Type of date', ['b' => 'No dates given; B.C. date involved', 'c' => 'Continuing resource currently published', 'd' => 'Continuing resource ceased publication', 'e' => 'Detailed date', 'i' => 'Inclusive dates of collection', 'k' => 'Range of years of bulk of collection', 'm' => 'Multiple dates', 'n' => 'Dates unknown', 'p' => 'Date of distribution and production', 'q' => 'Questionable date', 'r' => 'Reprint date and original date', 's' => 'Single known date', 't' => 'Publication date and copyright date', 'u' => 'Continuing resource status unknown'] + $fill],
    [7, 4, 'Date 1', []],
    [11, 4, 'Date 2', []],
    [15, 3, 'Place of publication', []],
];
$ends = [
    [35, 3, 'Language', []],
    [38, 1, 'Modified record', [' ' => 'Not modified', 'd' => 'Dashed-on information omitted', 'o' => 'Completely romanized, printed cards romanized', 'r' => 'Completely romanized, printed cards in script', 's' => 'Shortened', 'x' => 'Missing characters'] + $fill],
    [39, 1, 'Cataloging source', [' ' => 'National bibliographic agency', 'c' => 'Cooperative cataloging program', 'd' => 'Other', 'u' => 'Unknown'] + $fill],
];
$colour = ['a' => 'One colour', 'b' => 'Black-and-white', 'c' => 'Multicoloured', 'g' => 'Gray scale', 'h' => 'Hand coloured', 'm' => 'Mixed', 'n' => 'Not applicable', 'u' => 'Unknown', 'z' => 'Other'] + $fill;

$positions = [
    'LDR' => ['' => [
        [5, 1, 'Record status', ['a' => 'Increase in encoding level', 'c' => 'Corrected or revised', 'd' => 'Deleted', 'n' => 'New', 'p' => 'Increase in encoding level from prepublication']],
        [6, 1, 'Type of record', ['a' => 'Language material', 'c' => 'Notated music', 'd' => 'Manuscript notated music', 'e' => 'Cartographic material', 'f' => 'Manuscript cartographic material', 'g' => 'Projected medium', 'i' => 'Nonmusical sound recording', 'j' => 'Musical sound recording', 'k' => 'Two-dimensional nonprojectable graphic', 'm' => 'Computer file', 'o' => 'Kit', 'p' => 'Mixed materials', 'r' => 'Three-dimensional artifact or natural object', 't' => 'Manuscript language material']],
        [7, 1, 'Bibliographic level', ['a' => 'Monographic component part', 'b' => 'Serial component part', 'c' => 'Collection', 'd' => 'Subunit', 'i' => 'Integrating resource', 'm' => 'Monograph/item', 's' => 'Serial']],
        [8, 1, 'Type of control', [' ' => 'No specified type', 'a' => 'Archival']],
        [9, 1, 'Character coding scheme', [' ' => 'MARC-8', 'a' => 'UCS/Unicode']],
        [17, 1, 'Encoding level', [' ' => 'Full level', '1' => 'Full level, material not examined', '2' => 'Less-than-full level, material not examined', '3' => 'Abbreviated level', '4' => 'Core level', '5' => 'Partial (preliminary) level', '7' => 'Minimal level', '8' => 'Prepublication level', 'u' => 'Unknown', 'z' => 'Not applicable']],
        [18, 1, 'Descriptive cataloging form', [' ' => 'Non-ISBD', 'a' => 'AACR 2', 'c' => 'ISBD punctuation omitted', 'i' => 'ISBD punctuation included', 'n' => 'Non-ISBD punctuation omitted', 'u' => 'Unknown']],
        [19, 1, 'Multipart resource record level', [' ' => 'Not specified or not applicable', 'a' => 'Set', 'b' => 'Part with independent title', 'c' => 'Part with dependent title']],
    ]],
    '007' => [
        'a' => [[1, 1, 'Specific material designation', ['d' => 'Atlas', 'g' => 'Diagram', 'j' => 'Map', 'k' => 'Profile', 'q' => 'Model', 'r' => 'Remote-sensing image', 's' => 'Section', 'u' => 'Unspecified', 'y' => 'View', 'z' => 'Other'] + $fill], [3, 1, 'Colour', $colour], [4, 1, 'Physical medium', []], [5, 1, 'Type of reproduction', []], [6, 1, 'Production details', []], [7, 1, 'Positive or negative', []]],
        'c' => [[1, 1, 'Specific material designation', ['a' => 'Tape cartridge', 'b' => 'Chip cartridge', 'c' => 'Computer optical disc cartridge', 'd' => 'Computer disc, type unspecified', 'e' => 'Computer disc cartridge', 'f' => 'Tape cassette', 'h' => 'Tape reel', 'j' => 'Magnetic disk', 'k' => 'Computer card', 'm' => 'Magneto-optical disc', 'o' => 'Optical disc', 'r' => 'Remote', 's' => 'Standalone device', 'u' => 'Unspecified', 'z' => 'Other'] + $fill], [3, 1, 'Colour', $colour], [4, 1, 'Dimensions', []], [5, 1, 'Sound', [' ' => 'No sound', 'a' => 'Sound', 'u' => 'Unknown'] + $fill], [6, 3, 'Image bit depth', []], [9, 1, 'File formats', []], [10, 1, 'Quality assurance targets', []], [11, 1, 'Antecedent or source', []], [12, 1, 'Level of compression', []], [13, 1, 'Reformatting quality', []]],
        'h' => [[1, 1, 'Specific material designation', ['a' => 'Aperture card', 'b' => 'Microfilm cartridge', 'c' => 'Microfilm cassette', 'd' => 'Microfilm reel', 'e' => 'Microfiche', 'f' => 'Microfiche cassette', 'g' => 'Microopaque', 'h' => 'Microfilm slip', 'j' => 'Microfilm roll', 'u' => 'Unspecified', 'z' => 'Other'] + $fill], [3, 1, 'Positive or negative', []], [4, 1, 'Dimensions', []], [9, 1, 'Colour', $colour]],
        'k' => [[1, 1, 'Specific material designation', ['a' => 'Activity card', 'c' => 'Collage', 'd' => 'Drawing', 'e' => 'Painting', 'f' => 'Photomechanical print', 'g' => 'Photonegative', 'h' => 'Photoprint', 'i' => 'Picture', 'j' => 'Print', 'k' => 'Poster', 'l' => 'Technical drawing', 'n' => 'Chart', 'o' => 'Flash card', 'p' => 'Postcard', 'q' => 'Icon', 'r' => 'Radiograph', 's' => 'Study print', 'u' => 'Unspecified', 'v' => 'Photograph', 'z' => 'Other'] + $fill], [3, 1, 'Colour', $colour], [4, 1, 'Primary support material', []], [5, 1, 'Secondary support material', []]],
        'q' => [[1, 1, 'Specific material designation', ['u' => 'Unspecified'] + $fill]],
        's' => [[1, 1, 'Specific material designation', ['d' => 'Sound disc', 'e' => 'Cylinder', 'g' => 'Sound cartridge', 'i' => 'Sound-track film', 'q' => 'Roll', 'r' => 'Remote', 's' => 'Sound cassette', 't' => 'Sound-tape reel', 'u' => 'Unspecified', 'w' => 'Wire recording', 'z' => 'Other'] + $fill], [3, 1, 'Speed', ['a' => '16 rpm', 'b' => '33 1/3 rpm', 'c' => '45 rpm', 'd' => '78 rpm', 'f' => '1.4 m per second', 'k' => '15/16 ips', 'l' => '1 7/8 ips', 'm' => '3 3/4 ips', 'n' => 'Not applicable', 'o' => '7 1/2 ips', 'u' => 'Unknown', 'z' => 'Other'] + $fill], [4, 1, 'Playback channels', ['m' => 'Monaural', 'q' => 'Quadraphonic, multichannel or surround', 's' => 'Stereophonic', 'u' => 'Unknown', 'z' => 'Other'] + $fill], [5, 1, 'Groove width', []], [6, 1, 'Dimensions', ['c' => '7 in.', 'd' => '10 in.', 'e' => '12 in.', 'g' => '4 3/4 in. or 12 cm', 'j' => '3 7/8 x 2 1/2 in.', 'n' => 'Not applicable', 'u' => 'Unknown', 'z' => 'Other'] + $fill], [7, 1, 'Tape width', []], [8, 1, 'Tape configuration', []], [9, 1, 'Kind of disc', []], [10, 1, 'Kind of material', []], [11, 1, 'Kind of cutting', []], [12, 1, 'Playback characteristics', []], [13, 1, 'Capture and storage', ['a' => 'Acoustical', 'b' => 'Direct', 'd' => 'Digital', 'e' => 'Analog electrical', 'u' => 'Unknown', 'z' => 'Other'] + $fill]],
        't' => [[1, 1, 'Specific material designation', ['a' => 'Regular print', 'b' => 'Large print', 'c' => 'Braille', 'd' => 'Loose-leaf', 'u' => 'Unspecified', 'z' => 'Other'] + $fill]],
        'v' => [[1, 1, 'Specific material designation', ['c' => 'Videocartridge', 'd' => 'Videodisc', 'f' => 'Videocassette', 'r' => 'Videoreel', 'u' => 'Unspecified', 'z' => 'Other'] + $fill], [3, 1, 'Colour', $colour], [4, 1, 'Format', ['a' => 'Beta', 'b' => 'VHS', 'g' => 'Laser optical disc', 's' => 'Blu-ray', 'u' => 'Unknown', 'v' => 'DVD', 'z' => 'Other'] + $fill], [5, 1, 'Sound on medium or separate', [' ' => 'No sound', 'a' => 'Sound on medium', 'b' => 'Sound separate from medium', 'u' => 'Unknown'] + $fill], [6, 1, 'Medium for sound', []], [7, 1, 'Dimensions', []], [8, 1, 'Playback channels', ['k' => 'Mixed', 'm' => 'Monaural', 'n' => 'Not applicable', 'q' => 'Quadraphonic, multichannel or surround', 's' => 'Stereophonic', 'u' => 'Unknown', 'z' => 'Other'] + $fill]],
    ],
    '007 categories' => ['a' => 'Map', 'c' => 'Electronic resource', 'd' => 'Globe', 'f' => 'Tactile material', 'g' => 'Projected graphic', 'h' => 'Microform', 'k' => 'Nonprojected graphic', 'm' => 'Motion picture', 'o' => 'Kit', 'q' => 'Notated music', 'r' => 'Remote-sensing image', 's' => 'Sound recording', 't' => 'Text', 'v' => 'Videorecording', 'z' => 'Unspecified'],
    // 006 begins with the type of record; then come the positions of 008 for that material, 17 earlier.
    '006 materials' => ['a' => 'books', 't' => 'books', 'c' => 'music', 'd' => 'music', 'i' => 'music', 'j' => 'music', 'e' => 'maps', 'f' => 'maps', 'g' => 'visual', 'k' => 'visual', 'o' => 'visual', 'r' => 'visual', 'm' => 'computer', 'p' => 'mixed', 's' => 'continuing'],
];
foreach ($materials as $material => $own) {
    $positions['008'][$material] = [...$always, ...$own, ...$ends];
    $positions['006'][$material] = array_map(static fn (array $position): array => [$position[0] - 17, $position[1], $position[2], $position[3]], $own);
}

return $positions;
