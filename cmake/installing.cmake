# What `cmake --install` puts where, and the Debian packages that CPack makes of it (scripts/package).
if(NOT TARGET yawning-dune)
  return()
endif()
include(GNUInstallDirs)
set(CMAKE_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS
  OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ WORLD_EXECUTE)
set(id org.yawningdune.YawningDune)

install(TARGETS yawning-dune yawning-dune-cli DESTINATION ${CMAKE_INSTALL_BINDIR} COMPONENT program)
install(FILES data/desktop/${id}.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications COMPONENT program)
install(FILES data/desktop/${id}.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo COMPONENT program)
install(FILES data/desktop/yawning-dune.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages COMPONENT program)
install(FILES data/desktop/${id}.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps COMPONENT program)
install(FILES data/desktop/application-x-yawning-dune.svg
  DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/mimetypes COMPONENT program)
install(FILES data/completion/yawning-dune-cli.bash
  DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME yawning-dune-cli COMPONENT program)
install(FILES data/completion/_yawning-dune-cli
  DESTINATION ${CMAKE_INSTALL_DATADIR}/zsh/vendor-completions COMPONENT program)
foreach(page yawning-dune yawning-dune-cli)
  set(packed ${CMAKE_BINARY_DIR}/${page}.1.gz)
  add_custom_command(OUTPUT ${packed} COMMAND gzip -9nc ${PROJECT_SOURCE_DIR}/data/man/${page}.1 > ${packed}
    DEPENDS data/man/${page}.1 VERBATIM)
  list(APPEND pages ${packed})
endforeach()
set(changes ${CMAKE_BINARY_DIR}/changelog.Debian.gz)
add_custom_command(OUTPUT ${changes} COMMAND gzip -9nc ${PROJECT_SOURCE_DIR}/CHANGES > ${changes} DEPENDS CHANGES VERBATIM)
add_custom_target(packed_pages ALL DEPENDS ${pages} ${changes})
install(FILES ${pages} DESTINATION ${CMAKE_INSTALL_MANDIR}/man1 COMPONENT program)
install(DIRECTORY data/materials data/demo DESTINATION ${CMAKE_INSTALL_DATADIR}/yawning-dune COMPONENT data
  PATTERN scenes EXCLUDE PATTERN make_starter.py EXCLUDE)
install(DIRECTORY data/manual DESTINATION ${CMAKE_INSTALL_DATADIR}/yawning-dune COMPONENT data PATTERN pictures EXCLUDE)
install(DIRECTORY docs/screenshots/ DESTINATION ${CMAKE_INSTALL_DATADIR}/yawning-dune/manual/pictures COMPONENT data)
foreach(package program data)
  set(name yawning-dune)
  if(package STREQUAL data)
    set(name yawning-dune-data)
  endif()
  install(FILES ${changes} DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/${name} COMPONENT ${package})
  install(FILES data/desktop/copyright DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/${name} COMPONENT ${package})
endforeach()

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME yawning-dune)
set(CPACK_PACKAGE_VENDOR "Yawning Dune")
set(CPACK_PACKAGE_CONTACT "The Yawning Dune developers <developers@yawningdune.invalid>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "plans soft-pastel pictures: paper, sticks, layers")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS ${CMAKE_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS})
set(CPACK_COMPONENTS_ALL program data)
set(CPACK_DEB_COMPONENT_INSTALL ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_RELEASE 1)
set(CPACK_DEBIAN_PACKAGE_CONTROL_STRICT_PERMISSION ON)
set(CPACK_DEBIAN_PROGRAM_PACKAGE_NAME yawning-dune)
set(CPACK_DEBIAN_PROGRAM_PACKAGE_SECTION graphics)
set(CPACK_DEBIAN_PROGRAM_PACKAGE_SHLIBDEPS ON)
# What is loaded while it runs: the database, what faces look like.
set(CPACK_DEBIAN_PROGRAM_PACKAGE_DEPENDS
  "yawning-dune-data (= ${PROJECT_VERSION}-1), libqt6sql6-sqlite, opencv-data")
set(CPACK_DEBIAN_PROGRAM_PACKAGE_RECOMMENDS "qt6-translations-l10n")
set(CPACK_COMPONENT_PROGRAM_DESCRIPTION
"For the artist who works with soft pastels, pastel pencils and toned or sanded
paper, and has a reference to match. It measures the reference, ranks the
papers, chooses which sticks to pull, proposes an underpainting and gives
every layer in the order in which to lay it, with a prediction of the sheet
after each step.")
set(CPACK_DEBIAN_DATA_PACKAGE_NAME yawning-dune-data)
set(CPACK_DEBIAN_DATA_PACKAGE_ARCHITECTURE all)
set(CPACK_DEBIAN_DATA_PACKAGE_SECTION graphics)
set(CPACK_COMPONENT_DATA_DESCRIPTION
"The starter materials, the demo studies and the manual of yawning-dune, which
plans soft-pastel pictures.")
include(CPack)
